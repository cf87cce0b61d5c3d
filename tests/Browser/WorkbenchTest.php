<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** The workbench as it is used: dragged, compared, refused, undone, by keyboard, on a phone, in the dark. */
final class WorkbenchTest extends BrowserTestCase
{
    public function testTheDinnerLineIsDraggedAndMovedByKeyboard(): string
    {
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('eat at 19:00');
        $verdict = $this->textOf('verdict');
        $handle = $this->find("//*[@role='slider'][@aria-label='Dinner']");
        $this->drag($handle, -40, 0);
        $verdict = $this->seeChange('verdict', $verdict);
        self::assertDoesNotMatchRegularExpression('/eat at 19:00/', $verdict);
        $this->see('was ');
        $this->press('Undo');
        $this->seeChange('verdict', $verdict);
        self::$driver->executeScript('document.querySelector("[role=slider][aria-label=Dinner]").focus()');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::PAGE_UP);
        $this->see('eat at 19:30');
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_LEFT);
        $this->see('eat at 19:25');
        $this->press('Undo');
        $this->see('eat at 19:30');
        $this->press('Undo');
        $this->see('eat at 19:00');

        return (string) self::$driver->getCurrentURL();
    }

    #[Depends('testTheDinnerLineIsDraggedAndMovedByKeyboard')]
    public function testTheLevelIsMovedInThePot(string $url): string
    {
        $this->see('As little as the sauce needs');
        self::$driver->executeScript('document.querySelector("[role=slider][aria-label=\'Level when loaded\']").focus()');
        self::$driver->getKeyboard()->sendKeys([WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP]);
        $this->see('more to reduce');
        $slider = $this->find("//*[@role='slider'][@aria-label='Level when loaded']");
        self::assertStringStartsWith('Nearly covered', (string) $slider->getAttribute('aria-valuetext'));
        $this->see('to boil off at the end');
        $this->drag($slider, 0, 120);
        $this->see('Strongest sauce');
        $this->press('Meat under, roots on top');
        $this->see('Roots on top stay harder');
        $this->assertSound();

        return $url;
    }

    #[Depends('testTheLevelIsMovedInThePot')]
    public function testTimesAreTypedAsSaid(string $url): string
    {
        $this->type('at', 'quarter past seven');
        $this->see('19:15');
        $this->see('eat at 19:15');
        $this->type('at', 'later');
        $this->see('Say when you want to eat');
        $this->see('what held before the last change');
        $this->assertHolds('at', 'later');
        $this->type('at', '7 pm');
        $this->see('eat at 19:00');

        return $url;
    }

    #[Depends('testTimesAreTypedAsSaid')]
    public function testLessEffortAStartOfOnesOwnAndLooksAnswerEverywhere(string $url): string
    {
        $this->press('Everything in cold');
        $this->see('goes in raw');
        $this->press('Brown the meat and boil the wine in its pan');
        $this->see('onions go in raw');
        $this->press('Set the start yourself');
        $this->type('Pot on at', '7:30');
        $this->see('In by 07:30');
        $this->press('Plan a look under the lid');
        $this->see('The look you plan costs about');
        $this->type('Look 1, hours after switching on', 'soon');
        $this->see('wasn’t understood as a time');
        $this->assertSound();
        $this->press('remove look 1');
        $this->press('Leave it to the plan');

        return $url;
    }

    #[Depends('testLessEffortAStartOfOnesOwnAndLooksAnswerEverywhere')]
    public function testAWhatIfIsComparedAndTaken(string $url): string
    {
        $this->choose('Compare as it is with', 'In Grandmother’s round one');
        $this->see('Take it: In Grandmother’s round one');
        $this->see('≠');
        $this->assertSound();
        $this->press('Take it: In Grandmother’s round one');
        $this->see('3.3 L, round');
        $this->press('Undo');
        $this->see('6.5 L, oval');

        return $url;
    }

    #[Depends('testAWhatIfIsComparedAndTaken')]
    public function testKeysLeadToPanelsAndAreListed(string $url): string
    {
        $this->pressWithAlt('2', 'Digit2');
        self::assertSame(
            'Cut',
            self::$driver->executeScript('return document.activeElement.labels?.[0]?.textContent ?? document.activeElement.outerHTML'),
        );
        $this->pressWithAlt('/', 'Slash');
        $this->see('Everything can be done without a mouse.');
        $this->assertSound();
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->dontSee('Everything can be done without a mouse.');

        return $url;
    }

    #[Depends('testKeysLeadToPanelsAndAreListed')]
    public function testNothingJumps(string $url): void
    {
        $this->devTools(
            'Page.addScriptToEvaluateOnNewDocument',
            ['source' => 'window.shift = 0; new PerformanceObserver((list) => list.getEntries().forEach((e) => { if (!e.hadRecentInput)'
                .' window.shift += e.value; })).observe({type: "layout-shift", buffered: true});'],
        );
        self::$driver->get($url);
        $this->see('What changes in the recipe');
        foreach (['1.5 kg', '1.7 kg', '1.6 kg'] as $weight) {
            $this->type('Weight as bought', $weight);
            $this->see("taken as $weight");
        }
        $this->see('Saved');
        self::assertLessThan(0.05, self::$driver->executeScript('return window.shift'));
    }

    #[Depends('testNothingJumps')]
    public function testThePhoneTheDarkAndPoundsAreSound(): void
    {
        $this->resize(390, 844);
        self::$driver->executeScript('localStorage.setItem("pausis.theme", "dark")');
        self::$driver->navigate()->refresh();
        $this->see('What changes in the recipe');
        $this->assertSound();
        self::assertLessThanOrEqual(390, self::$driver->executeScript('return document.documentElement.scrollWidth'));
        $this->open('/house');
        $this->press('Pounds, cups, °F');
        $this->press('Save');
        $this->see('✓ Saved');
        $this->open('/');
        $this->press('Lamb shanks with white beans');
        $this->see('taken as 3 lb 8 oz');
        $this->see('cups');
        $this->open('/house');
        $this->press('Grams, litres, °C');
        $this->press('Save');
        $this->see('✓ Saved');
        self::$driver->executeScript('localStorage.clear()');
        $this->resize(1280, 943);
    }

    public function testAWaterTestIsGuidedShownAndKept(): void
    {
        $this->open('/cookers');
        $this->see('Add a cooker');
        $this->assertSound();
        $this->press('Water test');
        $this->type('Water at first', '14 °C');
        foreach ([1 => '31', 2 => '45', 3 => '66', 4 => 'warm'] as $row => $celsius) {
            $this->type("$row: water is", $celsius);
        }
        $this->press('Work it out');
        $this->see('wasn’t understood as a temperature');
        self::$driver->manage()->getLog('browser');
        $this->type('4: water is', '86');
        $this->press('Work it out');
        $this->see('Fit for braising.');
        $this->assertSound();
        $this->press('Keep this for');
        $this->see('every braise in it is reckoned with this heat');
    }

    public function testTheCautionsAreOnAPage(): void
    {
        $this->open('/cautions');
        $this->see('Your local food-safety authority and your cooker’s booklet come first');
        $this->see('boiled hard for 30 min');
        $this->assertSound();
    }
}
