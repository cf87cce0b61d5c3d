<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Two windows, a server that is away, looks and sizes. */
final class PagesTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';

    public function testTwoWindowsOnOneBraise(): void
    {
        $url = $this->openSample();
        $first = self::$driver->getWindowHandle();
        self::$driver->switchTo()->newWindow();
        $second = self::$driver->getWindowHandle();
        self::$driver->get($url);
        $this->see('Saved');
        $this->type('Servings', '6');
        $this->see('Saved');
        self::$driver->switchTo()->window($first);
        $this->type('Name of the braise', 'Shanks, my way');
        $this->see('This braise was changed in another window');
        $this->assertHolds('Name of the braise', 'Shanks, my way');
        self::$driver->manage()->getLog('browser');
        $this->assertSound();
        $this->see('In the other window');
        $this->press('Go on with what is here');
        $this->see('Saved');
        $this->see('The version that was not taken is still here.');
        self::$driver->switchTo()->window($second);
        self::$driver->navigate()->refresh();
        $this->find('//input[@value="Shanks, my way"]');

        $this->type('Name of the braise', 'Shanks, their way');
        $this->see('Saved');
        self::$driver->switchTo()->window($first);
        $this->type('Servings', '5');
        $this->press('Go on with the other window’s');
        $this->find('//input[@value="Shanks, their way"]');
        self::$driver->switchTo()->window($second);
        self::$driver->close();
        self::$driver->switchTo()->window($first);
    }

    public function testAServerThatIsAwayLosesNothing(): void
    {
        $this->openSample();
        $offline = ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1];
        $this->devTools('Network.enable', []);
        $this->devTools('Network.emulateNetworkConditions', $offline);
        $this->type('Weight as bought', '1.7 kg');
        $this->see('kept on this device and sent again every few seconds');
        $this->assertHolds('Weight as bought', '1.7 kg');
        $this->devTools('Network.emulateNetworkConditions', [...$offline, 'offline' => false]);
        $this->see('taken as 1.7 kg');
        $this->see('Saved');
        self::$driver->navigate()->refresh();
        $this->assertHolds('Weight as bought', '1.7 kg');
    }

    public function testABraiseDeletedElsewhereIsSaidOnceAndKeepsWhatWasTyped(): void
    {
        $url = $this->openSample();
        $id = basename((string) parse_url($url, \PHP_URL_PATH));
        self::$driver->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/braises/${arguments[0]}`, {method: "DELETE"}).then(done);', [$id],
        );
        $this->type('Servings', '7');
        $this->see('It may have been deleted');
        $asked = 'return performance.getEntriesByType("resource").filter((r) => r.initiatorType === "fetch").length';
        $before = self::$driver->executeScript($asked);
        usleep(1_500_000);
        self::assertSame($before, self::$driver->executeScript($asked));
        $this->assertHolds('Servings', '7');
        self::$driver->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/braises/${arguments[0]}/restore`, {method: "POST"}).then(done);', [$id],
        );
        self::$driver->executeScript('localStorage.clear()');
    }

    public function testARemedyIsAppliedAtATouch(): void
    {
        $this->openSample();
        $this->setValue('from', '05:00');
        $this->see('no moment to load');
        $this->see('Saved');
        $this->press('Eat on');
        $this->see('In by');
        $this->assertSound();
    }

    public function testEveryPageIsSoundInBothLooksAndSizes(): void
    {
        $braise = (string) parse_url($this->openSample(), \PHP_URL_PATH);
        foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
            $this->resize($width, $height);
            foreach (['/', '/bring', '/notebook', '/cookers', '/house', '/nowhere', $braise] as $path) {
                $this->open($path);
                $this->find('//h1');
                self::assertLessThanOrEqual(
                    $width, self::$driver->executeScript('return document.documentElement.scrollWidth'), "$path at $width",
                );
                $this->assertSound();
            }
            $this->press('Dark');
            $this->assertSound();
            $this->press('Light');
        }
    }

    public function testACookerIsAddedAndTheHouseTurnsToPounds(): void
    {
        $this->open('/cookers');
        $this->press('Add a cooker');
        $this->type('What you call it', 'Borrowed one');
        $this->type('Size, to the brim', 'huge');
        $this->press('Save');
        $this->see('wasn’t understood');
        self::$driver->manage()->getLog('browser');
        $this->type('Size, to the brim', '4 qt');
        $this->press('Save');
        $this->see('3.8 L, oval');
        $this->open('/house');
        $this->press('Pounds, cups, °F');
        $this->press('Save');
        $this->see('✓ Saved');
        $this->openSample();
        $this->see('cups in place');
        $this->open('/house');
        $this->press('Grams, litres, °C');
        $this->press('Save');
        $this->see('✓ Saved');
        $this->assertSound();
    }

    private function openSample(): string
    {
        $this->open('/');
        $this->find("(//h2//a[contains(@href, '/braises/')])[last()]");
        foreach (self::$driver->findElements(WebDriverBy::xpath("//h2//a[contains(@href, '/braises/')]")) as $link) {
            if (str_contains($link->getText(), 'hanks')) {
                $link->click();
                break;
            }
        }
        $this->see('What changes in the recipe');

        return (string) self::$driver->getCurrentURL();
    }
}
