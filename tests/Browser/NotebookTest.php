<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** The notebook of a house that has cooked for a year: found again, spoken of, learned from, cooked again, taken along. */
final class NotebookTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';
    protected const WITH_YEAR = true;

    public function testACookIsFoundByItsWordsAndItsCooker(): void
    {
        $this->open('/notebook');
        $this->see('40 cooks');
        self::assertCount(25, self::$driver->findElements(WebDriverBy::cssSelector('main li')));
        $this->press('Earlier ones');
        $this->see('page 2 of 2');
        $this->type('Find', 'joris');
        $this->see('one cook');
        $this->see('Too much beer for Joris.');
        $this->type('Find', 'no such thing');
        $this->see('No cook');
        $this->type('Find', '');
        $this->choose('Cooker', 'Grandmother’s round one');
        $this->see('8 cooks');
        $this->assertSound();
    }

    #[Depends('testACookIsFoundByItsWordsAndItsCooker')]
    public function testItsPageTakesStarsByKeyAndWhatToChangeAndKeepsThem(): void
    {
        $this->open('/notebook');
        $this->type('Find', 'oxtail');
        $this->see('10 cooks');
        $this->click("(//main//li//a[starts-with(@href, '/notebook/')])[1]");
        $this->see('planned');
        $this->find("//*[name()='svg'][@role='img'][contains(@aria-label, 'Its middle passed 60 °C')]");
        $this->see('between');
        $stars = $this->find("//*[@role='radiogroup'][1]/*[@aria-label='3 of 5']");
        $stars->click();
        $stars->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->find("//*[@role='radiogroup'][1]/*[@aria-label='4 of 5'][@aria-checked='true']");
        $this->type('What to change next time', 'half an hour longer, less stout');
        $this->see('keeping');
        $this->see('kept');
        self::$driver->navigate()->refresh();
        $this->assertHolds('What to change next time', 'half an hour longer, less stout');
        $this->find("//*[@role='radiogroup'][1]/*[@aria-label='4 of 5'][@aria-checked='true']");
        $this->assertSound();
    }

    #[Depends('testItsPageTakesStarsByKeyAndWhatToChangeAndKeepsThem')]
    public function testItIsCookedAgainWithWhatWasWantedOtherwiseAndWithoutWhatWasLeft(): void
    {
        $this->openBraise('Oxtail', 'after');
        $this->see('30 min longer in the pot');
        $this->see('stout: 300 ml instead of 400 ml');
        $this->assertSound();
        $stout = "//*[@role='checkbox'][@id=//label[contains(., 'instead of 400 ml')]/@for]";
        $this->click($stout);
        $this->find($stout."[@aria-checked='false']");
        $this->find("//button[starts-with(normalize-space(), 'For Thursday')][not(@disabled)]");
        $this->press('For Thursday 26 November, 19:00');
        $this->see('by what you wanted otherwise last time');
        $this->seeKept();
        $this->go('Recipe');
        $this->see('400 ml');
        $this->press('Undo');
        $this->go('Pot');
        $this->dontSee('by what you wanted otherwise last time');
    }

    public function testWhatWasLearnedIsShownAndForgotten(): void
    {
        $this->open('/notebook/learned');
        $this->see('From 40 cooks.');
        $this->see('Did the windows hold?');
        $this->see('Grandmother’s round one');
        $this->assertSound();
        $this->resize(390, 844);
        $this->assertSound();
        self::assertLessThanOrEqual(390, self::$driver->executeScript('return document.documentElement.scrollWidth'));
    }

    public function testEverythingGoesOutAndIsLookedThroughBeforeItComesIn(): void
    {
        $this->open('/notebook');
        $this->see('Out and in');
        $file = (string) tempnam(sys_get_temp_dir(), 'pausis-house-');
        file_put_contents($file, (string) file_get_contents(self::$address.'/api/everything.json'));
        $chosen = $this->find("//input[@type='file']");
        $chosen->sendKeys($file);
        $this->see('40 here already');
        $this->see('A copy of what is here is kept first.');
        file_put_contents($file, substr((string) file_get_contents($file), 0, 5000));
        $chosen->sendKeys($file);
        $this->see('it was cut off, or is no JSON');
        self::$driver->manage()->getLog('browser');
        unlink($file);
    }
}
