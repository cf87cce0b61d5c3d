<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** The sample household's working day, with sides, and a day that can't be. */
final class DayTest extends BrowserTestCase
{
    public function testASideIsAddedAndPlannedInTheSameKitchen(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Everything around it');
        $this->see('Drain and mash: mash');
        $this->find("//label[normalize-space()='slaw']")->click();
        $this->see('Dress: slaw');
        $this->see('4 side dishes');
        $this->assertSound();
        self::$driver->navigate()->refresh();
        $this->see('Dress: slaw');
    }

    #[Depends('testASideIsAddedAndPlannedInTheSameKitchen')]
    public function testAnImpossibleDaySaysWhyAndAWayOutIsTaken(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Dress: slaw');
        $this->find("//label[normalize-space()='roast potatoes']")->click();
        $this->see('This can’t all be done');
        $this->assertSound();
        $this->press('Without');
        $this->dontSee('This can’t all be done');
        $this->press('Undo');
        $this->see('This can’t all be done');
        $this->find("//label[normalize-space()='roast potatoes']")->click();
        $this->dontSee('This can’t all be done');
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testASideOfOnesOwnIsAdded(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->press('Add a side dish of your own');
        $this->type('Own side dish 1', 'apple sauce');
        $this->see('Cook: apple sauce');
        $this->type('Minutes of cooking for own side dish 1', '15');
        $this->see('Cook: apple sauce · 15 min');
        $this->assertSound();
        $this->resize(390, 844);
        self::assertLessThanOrEqual(390, self::$driver->executeScript('return document.documentElement.scrollWidth'));
        $this->resize(1280, 943);
        $this->press('remove own side dish 1');
        $this->dontSee('apple sauce');
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testASideJobIsDraggedKeptAndLeftToThePlanAgain(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Shred: slaw');
        $job = $this->find("//*[@role='slider'][@aria-label='Shred: slaw']");
        $this->drag($job, -30, 0);
        $this->see('kept here');
        $this->assertSound();
        $this->press('kept here');
        $this->dontSee('kept here');
        self::$driver->executeScript('document.querySelector("[role=slider][aria-label=\'Shred: slaw\']").focus()');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_LEFT);
        $this->see('kept here');
        $this->press('Undo');
        $this->dontSee('kept here');
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testVegetablesAreCutTheEveningBefore(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Cut the vegetables');
        $this->find("//label[normalize-space()='Vegetables of the braise cut the evening before']")->click();
        $this->see('asleep');
        $this->see('21:36');
        $this->assertSound();
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testTheMealIsMovedOnTheClockAndTheDayFollows(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Everything around it');
        $this->key("[aria-label='Eat'][role=slider]", WebDriverKeys::ARROW_RIGHT);
        $this->see('eat at 19:05');
        $this->drag($this->find("//*[@role='slider'][@aria-label='Eat']"), 40, 0);
        $this->dontSee('eat at 19:05');
        $this->press('Undo');
        $this->press('Undo');
        $this->see('eat at 19:00');
        $this->press('Eat half an hour later');
        $this->see('eat at 19:30');
        $this->press('Undo');
        // Left at once, while it is being saved: opened again, it is no change of somebody else's.
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('eat at 19:00');
        $this->see('Saved');
        $this->dontSee('changed in another window');
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testTheBraisesOwnJobsAreMovedLockedAndSaidWhyNot(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Cut the vegetables');
        $this->key("[aria-label^='Cut the vegetables'][role=slider]", WebDriverKeys::ARROW_LEFT);
        $this->see('kept here');
        $this->press('kept here');
        $this->dontSee('kept here');
        $this->key("[aria-label='Brown the meat'][role=slider]", WebDriverKeys::PAGE_UP);
        $this->see('nobody is free for it then');
        $this->assertSound();
        $this->press('leave it to the plan');
        $this->dontSee('nobody is free for it then');
        $this->find("//button[contains(., 'set another time for Drain and mash: mash')]")->click();
        $this->setValue('Time for Drain and mash: mash', '18:35');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->see('kept here');
        $this->see('18:35');
        $focused = static fn (): bool => true === self::$driver->executeScript(
            'return document.activeElement.textContent.includes("set another time for Drain and mash: mash")',
        );
        self::waitFor($focused, self::WAIT_SECONDS, 'the focus on the time that was set');
        $this->press('Undo');
        $this->dontSee('kept here');
        $this->press('keep here: Fork test');
        $this->see('kept here');
        $this->press('Undo');
        $this->dontSee('kept here');
    }

    #[Depends('testAnImpossibleDaySaysWhyAndAWayOutIsTaken')]
    public function testWhoIsWhereChangesWhoDoesWhat(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Fork test');
        $test = "//ol[@aria-label='What to do, in order']/li[contains(., 'Fork test')]";
        self::assertStringContainsString('Joris', $this->find($test)->getText());
        $this->press('Tamsin home at noon');
        $this->see('Tamsin');
        self::waitFor(fn (): bool => str_contains($this->find($test)->getText(), 'Tamsin'), self::WAIT_SECONDS, 'Tamsin at the fork test');
        $this->assertSound();
        $this->press('Undo');
        self::waitFor(fn (): bool => str_contains($this->find($test)->getText(), 'Joris'), 8, 'Joris at the fork test');
    }

    public function testACookWithUsualDaysIsAddedAndMistakesAreSaidThere(): void
    {
        $this->open('/house');
        $this->press('Add someone who cooks');
        $names = self::$driver->findElements(WebDriverBy::xpath("//input[@id=//label[starts-with(normalize-space(), 'Name')]/@for]"));
        $habits = self::$driver->findElements(WebDriverBy::cssSelector('textarea'));
        self::assertCount(3, $names);
        $names[2]->sendKeys('Wren');
        $habits[2]->sendKeys('whenever');
        $this->press('Save');
        $this->see('“whenever” wasn’t understood');
        self::$driver->manage()->getLog('browser');
        $this->assertSound();
        $habits[2]->clear();
        $habits[2]->sendKeys('Mon to Fri 8 to 4');
        $this->press('Save');
        $this->see('✓ Saved');
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('Wren, as usual: Mon to Fri 8 to 4');
        $this->open('/house');
        $this->press('remove Wren');
        $this->press('Save');
        $this->see('✓ Saved');
    }

    public function testTheSheetAndTheListAreThereToPrint(): void
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        foreach ([
            'Kitchen sheet to print' => 'application/pdf', 'the list as Markdown' => 'text/markdown; charset=utf-8',
        ] as $name => $type) {
            $address = $this->find("//a[normalize-space()='$name']")->getAttribute('href');
            $answered = self::$driver->executeAsyncScript(
                'const done = arguments[1]; fetch(arguments[0]).then(async (r) => done([r.status, r.headers.get("Content-Type"), (await'
                    .' r.blob()).size]));',
                [$address],
            );
            self::assertIsArray($answered);
            self::assertSame([200, $type], [$answered[0], $answered[1]]);
            self::assertGreaterThan(500, $answered[2]);
        }
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
