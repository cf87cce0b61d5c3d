<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

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
        $this->open('/house');
        $this->type('Rings on the hob', '1');
        $this->press('Save');
        $this->see('✓ Saved');
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('This can’t all be done');
        $this->assertSound();
        $this->press('Without');
        $this->dontSee('This can’t all be done');
        $this->press('Undo');
        $this->see('This can’t all be done');
        $this->open('/house');
        $this->type('Rings on the hob', '4');
        $this->press('Save');
        $this->see('✓ Saved');
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
        $this->see('22:');
        $this->assertSound();
    }
}
