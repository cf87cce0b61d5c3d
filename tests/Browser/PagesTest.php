<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Two windows, a server that is away, looks and sizes. */
final class PagesTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';

    public function testTwoWindowsOnOneBraise(): void
    {
        $this->openBraise('Lamb shanks', 'recipe');
        $url = (string) self::$driver->getCurrentURL();
        $first = self::$driver->getWindowHandle();
        self::$driver->switchTo()->newWindow();
        $second = self::$driver->getWindowHandle();
        self::$driver->get($url);
        $this->see('kept');
        $this->type('Servings', '6');
        $this->seeKept();
        self::$driver->switchTo()->window($first);
        $this->type('Name of the braise', 'Shanks, my way');
        $this->see('This braise was changed in another window');
        $this->assertHolds('Name of the braise', 'Shanks, my way');
        self::$driver->manage()->getLog('browser');
        $this->assertSound();
        $this->see('In the other window');
        $this->press('Go on with what is here');
        $this->see('The version that was not taken is still here.');
        $this->seeKept();
        self::$driver->switchTo()->window($second);
        self::$driver->navigate()->refresh();
        $this->find('//input[@value="Shanks, my way"]');

        $this->type('Name of the braise', 'Shanks, their way');
        $this->seeKept();
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
        $this->openBraise('hanks', 'pot');
        $offline = ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1];
        $this->devTools('Network.enable', []);
        $this->devTools('Network.emulateNetworkConditions', $offline);
        $this->type('Weight as bought', '1.7 kg');
        $this->see('kept on this device and sent again every few seconds');
        $this->assertHolds('Weight as bought', '1.7 kg');
        $this->devTools('Network.emulateNetworkConditions', [...$offline, 'offline' => false]);
        $this->seeKept();
        self::$driver->navigate()->refresh();
        $this->assertHolds('Weight as bought', '1.7 kg');
    }

    public function testWhatIsUndoneBeforeItWasSentStaysUndone(): void
    {
        $this->openBraise('hanks', 'pot');
        $radio = "//button[@role='radio'][starts-with(normalize-space(), 'Everything in cold')]";
        $chosen = fn (): bool => 'true' === $this->find($radio)->getAttribute('aria-checked');
        self::assertFalse($chosen());
        self::$driver->executeAsyncScript(
            'const [radio, done] = arguments; radio.click(); setTimeout(() => { dispatchEvent(new KeyboardEvent("keydown",'
                .' {key: "z", ctrlKey: true})); setTimeout(done, 60); }, 60);',
            [$this->find($radio)],
        );
        self::$driver->navigate()->refresh();
        self::assertFalse($chosen());
        $this->seeKept();
        self::assertFalse($chosen());
    }

    public function testABraiseDeletedElsewhereIsSaidOnceAndKeepsWhatWasTyped(): void
    {
        $id = $this->openBraise('hanks', 'recipe');
        self::$driver->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/braises/${arguments[0]}`, {method: "DELETE"}).then(done);', [$id],
        );
        $this->type('Servings', '7');
        $this->see('It may have been deleted');
        $asked = static fn (): mixed => self::$driver->executeScript(
            'return performance.getEntriesByType("resource").filter((r) => r.initiatorType === "fetch").length',
        );
        self::waitFor(static function () use ($asked): bool {
            $before = $asked();
            usleep(4_000_000);

            return $before === $asked();
        }, self::WAIT_SECONDS, 'the asking to end');
        $this->assertHolds('Servings', '7');
        self::$driver->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/braises/${arguments[0]}/restore`, {method: "POST"}).then(done);', [$id],
        );
        self::$driver->executeScript('localStorage.clear()');
    }

    public function testARemedyIsAppliedAtATouch(): void
    {
        $this->openBraise('hanks', 'day');
        $this->type('from', '05:00');
        $this->see('no moment to load');
        $this->press('Eat on Thu');
        $this->dontSee('no moment to load');
        $this->assertSound();
        $this->press('Undo');
        $this->seeKept();
    }

    public function testEveryPlaceIsSoundInBothLooksAndSizes(): void
    {
        $braise = '/braises/'.$this->openBraise('hanks', 'pot');
        $places = array_map(static fn (string $p): string => "$braise/$p", ['recipe', 'pot', 'changes', 'day', 'stove', 'after']);
        foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
            $this->resize($width, $height);
            foreach (['/', '/bring', '/meats', '/notebook', '/kitchen', '/nowhere', ...$places] as $path) {
                $this->open($path);
                $this->find('//h2[@tabindex="-1"]', false);
                self::assertLessThanOrEqual(
                    $width, self::$driver->executeScript('return document.documentElement.scrollWidth'), "$path at $width",
                );
                $this->assertSound();
            }
        }
        self::$driver->executeScript('localStorage.setItem("pausis.theme", "dark")');
        $this->resize(1280, 800);
        foreach (['/', '/kitchen', ...$places] as $path) {
            $this->open($path);
            $this->find('//h2[@tabindex="-1"]', false);
            $this->assertSound();
        }
        self::$driver->executeScript('localStorage.removeItem("pausis.theme")');
    }

    public function testWhatIsDeletedMissingOrHugeIsStillAPage(): void
    {
        $this->open('/braises/01a217d4-0000-7000-8000-000000000000/day');
        $this->see('Not here');
        self::$driver->manage()->getLog('browser');
        $id = $this->openBraise('hanks', 'pot');
        $draft = 'const [id, done] = arguments; fetch(`/api/braises/${id}`).then((r) => r.json()).then((v) => fetch("/api/braises",'
            .' {method: "POST", headers: {"Content-Type": "application/json"}, body: JSON.stringify({...v.draft, cookerId: "", '
            .'title: "سيقان الحمل ".repeat(16), meat: {...v.draft.meat, cut: ""}, ownSides: Array.from({length: 10}, (_, k) =>'
            .' ({name: `side ${k}`, work: "5", cooking: "10", where: "ring"}))})})).then((r) => r.json()).then((v) => done(v.id));';
        $made = self::$driver->executeAsyncScript($draft, [$id]);
        self::assertIsString($made);
        foreach ([1280, 390, 320] as $width) {
            $this->resize($width, 800);
            foreach (['recipe', 'pot', 'changes', 'day', 'stove', 'after'] as $place) {
                $this->open("/braises/$made/$place");
                $this->find('//h2[@tabindex="-1"]', false);
                self::assertLessThanOrEqual($width, self::$driver->executeScript('return document.documentElement.scrollWidth'), $place);
            }
        }
        $this->resize(1280, 800);
        $this->assertSound();
        self::$driver->executeAsyncScript(
            'const [id, done] = arguments; fetch(`/api/braises/${id}`, {method: "DELETE"}).then(done);', [$made],
        );
    }

    public function testACookerIsAddedAndTheHouseTurnsToPounds(): void
    {
        $this->open('/kitchen');
        $this->press('Add a cooker');
        $this->type('What you call it', 'Borrowed one');
        $this->type('Size, to the brim', 'huge');
        $this->press('Save');
        $this->see('wasn’t understood');
        self::$driver->manage()->getLog('browser');
        $this->type('Size, to the brim', '4 qt');
        $this->press('Save');
        $this->see('3.8 L, oval');
        $this->press('5:10 pm');
        $this->open('/');
        $this->open('/kitchen');
        $this->find("//*[@role='radio'][@aria-checked='true'][contains(., '5:10 pm')]");
        $this->press('Pounds, cups, °F');
        $this->see('4 qt, oval');
        $this->openBraise('hanks', 'pot');
        $this->see('cups');
        foreach (['recipe', 'pot', 'changes', 'day'] as $place) {
            $this->openBraise('hanks', $place);
            $this->find('//h2[@tabindex="-1"]', false);
            $shown = $this->pageText();
            self::assertDoesNotMatchRegularExpression('/\d ?(?:mL|L|kg|cm|°C)\b/', $this->withoutTheRecipesWords($shown), $place);
            self::assertDoesNotMatchRegularExpression('/\b(?:1[3-9]|2[0-3]):[0-5]\d\b/', $shown, $place);
        }
        $this->assertHolds('Eat at', '7:00 pm');
        $this->type('Eat at', '18:45');
        $this->see('6:45 pm');
        $this->assertHolds('Eat at', '18:45');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $this->find("//input[@aria-label='from']");
        $this->assertHolds('Eat at', '6:45 pm');
        self::assertSame([], self::$driver->executeScript(
            'return [...document.querySelectorAll("input:not([type=date])")].map((i) => i.value).filter((v) =>'
                .' /^\\d\\d:\\d\\d$/.test(v))',
        ));
        $this->assertSound();
        $this->press('Undo');
        $this->seeKept();
        $this->open('/kitchen');
        $this->press('Grams, litres, °C');
        $this->press('17:10');
        $this->see('3.8 L, oval');
    }

    public function testAnEmptyHouseIsToldWhatThisIsAndAskedForItsCookerWhereItIsNeeded(): void
    {
        self::$driver->executeAsyncScript(
            'const done = arguments[0]; (async () => { for (const kind of ["braises", "cookers"]) for (const one of await (await'
                .' fetch(`/api/${kind}`)).json()) await fetch(`/api/${kind}/${one.id}`, {method: "DELETE"}); done(); })();',
        );
        $this->open('/');
        $this->see('makes a braise that was written for an oven or a hob fit your slow cooker');
        $this->see('Which slow cooker have you?');
        $this->assertSound();
        $this->press('Show me one');
        $this->see('As it was written');
        $this->go('Pot');
        $this->press('That’s mine');
        $this->see('My slow cooker');
        $this->see('eat at');
        $this->assertSound();
    }

    /** What a recipe says stays as it was written. */
    private function withoutTheRecipesWords(string $shown): string
    {
        return (string) preg_replace('/\d+ ?ml\b|\d+ ?°C\.|\d+ ?g tins|150°C|1\.6 kg\)/', '', $shown);
    }
}
