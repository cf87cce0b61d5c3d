<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** The sample household's working day, with sides, and a day that can't be. */
final class DayTest extends BrowserTestCase
{
    public function testASideIsAddedAndPlannedInTheSameKitchen(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Drain and mash: mash');
        $this->addSide('slaw');
        $this->see('Dress: slaw');
        $this->assertSound();
        self::$driver->navigate()->refresh();
        $this->see('Dress: slaw');
    }

    #[Depends('testASideIsAddedAndPlannedInTheSameKitchen')]
    public function testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Dress: slaw');
        $this->addSide('roast potatoes');
        $this->see('This can’t all be done');
        self::assertTrue($this->isInView('[data-effect=wishes] [role=status]'));
        $this->assertSound();
        $this->press('Without');
        $this->dontSee('This can’t all be done');
        $this->press('Undo');
        $this->see('This can’t all be done');
        $this->click("//label[normalize-space()='roast potatoes']");
        $this->dontSee('This can’t all be done');
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testASideOfOnesOwnIsAdded(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->press('Add a side dish of your own');
        $this->type('Own side dish 1', 'apple sauce');
        $this->see('Cook: apple sauce');
        $this->type('Cooking time of own side dish 1', '15');
        $this->seeIn('Cook: apple sauce', '15 min');
        $this->assertSound();
        $this->resize(390, 844);
        self::assertLessThanOrEqual(390, self::$driver->executeScript('return document.documentElement.scrollWidth'));
        $this->resize(1280, 800);
        $this->press('remove own side dish 1');
        $this->dontSee('apple sauce');
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testASideJobIsDraggedKeptAndLeftToThePlanAgain(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Shred: slaw');
        $this->drag("//*[@role='slider'][@aria-label='Shred: slaw']", -30, 0);
        $this->find("//button[@aria-pressed='true'][contains(., 'stay at this time: Shred: slaw')]");
        $this->assertSound();
        $this->press('○stay at this time: Fork test');
        $this->press('●stay at this time: Shred: slaw');
        $this->find("//button[@aria-pressed='false'][contains(., 'stay at this time: Shred: slaw')]");
        $this->press('Undo');
        $this->press('Undo');
        $this->press('Undo');
        $this->key("[role=slider][aria-label='Shred: slaw']", WebDriverKeys::ARROW_LEFT);
        $this->find("//button[@aria-pressed='true'][contains(., 'stay at this time: Shred: slaw')]");
        $this->press('Undo');
        $this->find("//button[@aria-pressed='false'][contains(., 'stay at this time: Shred: slaw')]");
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testVegetablesAreCutTheEveningBefore(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Cut the vegetables');
        $this->click("//label[normalize-space()='Vegetables cut the evening before']");
        $this->see('21:35');
        $this->assertSound();
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testTheMealIsMovedOnTheClockAndTheDayFollows(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->key("[aria-label='Eat'][role=slider]", WebDriverKeys::ARROW_RIGHT);
        $this->see('eat at 19:05');
        $this->see('Just moved');
        $this->drag("//*[@role='slider'][@aria-label='Eat']", 40, 0);
        $this->dontSee('eat at 19:05');
        $this->press('Undo');
        $this->press('Undo');
        $this->see('eat at 19:00');
        $this->press('Eat a quarter of an hour later');
        $this->see('eat at 19:15');
        $this->press('Undo');
        // Left at once, while it is being saved: opened again, it is no change of somebody else's.
        $this->openBraise('Lamb shanks', 'day');
        $this->see('eat at 19:00');
        $this->see('kept');
        $this->dontSee('changed in another window');
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testTheBraisesOwnJobsAreMovedLockedAndSaidWhyNot(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Cut the vegetables');
        $this->key("[aria-label='Brown the meat'][role=slider]", WebDriverKeys::PAGE_UP);
        $this->see('nobody is free for it then');
        $this->assertSound();
        $this->press('leave it to the plan');
        $this->dontSee('nobody is free for it then');
        $this->press('18:45, Drain and mash: mash: set another time');
        $this->type('Time for Drain and mash: mash', 'half past six');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->see('18:30');
        $focused = static fn (): bool => true === self::$driver->executeScript(
            'return document.activeElement.textContent.includes("Drain and mash: mash: set another time")',
        );
        self::waitFor($focused, self::WAIT_SECONDS, 'the focus on the time that was set');
        $this->press('Undo');
        $this->press('18:45, Drain and mash: mash: set another time');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        self::waitFor($focused, self::WAIT_SECONDS, 'the focus on the time that was left');
    }

    #[Depends('testAnImpossibleDaySaysWhyAtTheWishAndAWayOutIsTaken')]
    public function testWhoIsWhereChangesWhoDoesWhat(): void
    {
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Fork test');
        $this->seeIn('Fork test', 'Joris');
        $this->choose('Where, 08:10 to 17:20', 'at home');
        $this->seeIn('Fork test', 'Tamsin');
        $this->assertSound();
        $this->press('Undo');
        $this->seeIn('Fork test', 'Joris');
    }

    public function testACookWithUsualDaysIsAddedAndMistakesAreSaidThere(): void
    {
        $this->open('/kitchen');
        $this->press('Add someone who cooks');
        $names = self::$driver->findElements(WebDriverBy::xpath("//input[@id=//label[starts-with(normalize-space(), 'Name')]/@for]"));
        $habits = self::$driver->findElements(WebDriverBy::cssSelector('textarea'));
        self::assertCount(3, $names);
        $names[2]->sendKeys('Wren');
        $habits[2]->sendKeys('whenever');
        $this->see('“whenever” wasn’t understood');
        self::$driver->manage()->getLog('browser');
        $this->assertSound();
        $habits[2]->clear();
        $habits[2]->sendKeys('Mon to Fri 8 to 4');
        $this->dontSee('wasn’t understood');
        $this->see('kept');
        $this->openBraise('Lamb shanks', 'day');
        $this->see('Wren, as usual: Mon to Fri 8 to 4');
        $this->open('/kitchen');
        $this->press('remove Wren');
        $this->see('kept');
        usleep(900_000);
        self::$driver->navigate()->refresh();
        $this->see('Add someone who cooks');
        $this->dontSee('Wren');
    }

    public function testTheSheetAndTheListAreThereToPrint(): void
    {
        $this->openBraise('Lamb shanks', 'changes');
        $this->printed('Kitchen sheet to print', 'application/pdf');
        $this->printed('as text', 'text/markdown; charset=utf-8');
        $this->printed('for other programs', 'application/ld+json; charset=utf-8');
        $this->go('Day');
        $this->printed('the list as text', 'text/markdown; charset=utf-8');
    }

    private function printed(string $name, string $type): void
    {
        $address = $this->act("//a[normalize-space()='$name']", static fn (RemoteWebElement $link): mixed => $link->getAttribute('href'));
        $answered = self::$driver->executeAsyncScript(
            'const done = arguments[1]; fetch(arguments[0]).then(async (r) => done([r.status, r.headers.get("Content-Type"), (await'
                .' r.blob()).size]));',
            [$address],
        );
        self::assertIsArray($answered);
        self::assertSame([200, $type], [$answered[0], $answered[1]]);
        self::assertGreaterThan(500, $answered[2]);
    }

    private function addSide(string $side): void
    {
        $this->click("//button[contains(., 'more side dishes')]");
        $this->click("//label[normalize-space()='$side']");
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    }

    /** In the row of a job. */
    private function seeIn(string $job, string $text): void
    {
        self::waitFor(
            fn (): bool => str_contains($this->find("//li[@data-job][contains(., '$job')]")->getText(), $text), self::WAIT_SECONDS,
            "$text at $job",
        );
        $this->addToAssertionCount(1);
    }

    private function key(string $selector, string $key): void
    {
        self::waitFor(
            static fn (): bool => true === self::$driver->executeScript(
                'const found = document.querySelector(arguments[0]); found?.focus(); return document.activeElement === found;', [$selector],
            ),
            8, $selector,
        );
        self::$driver->getKeyboard()->sendKeys($key);
    }
}
