<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** The whole journey of one braise: brought, adapted, cooked, written down. */
final class JourneyTest extends BrowserTestCase
{
    private const RECIPE = <<<'TEXT'
        Oxtail with stout and prunes
        Serves 4

        1.8 kg oxtail, in pieces
        2 onions, sliced
        3 carrots
        500 ml stout
        600 ml beef stock
        12 prunes
        2 bay leaves
        1 tsp salt
        a slosh of blibble

        Brown the oxtail, 5 minutes a side. Fry the onions and carrots for 8 minutes.
        Pour in the stout and boil it down. Add everything else.
        Cover and cook in the oven at 150 for 3½ hours.
        TEXT;

    public function testTodayShowsTheSampleHouse(): void
    {
        $this->open('/');
        $this->see('Lamb shanks with white beans and preserved orange');
        $this->see('Planned');
        $this->see('Cut the vegetables');
        $this->assertSound();
    }

    public function testWhatIsNoRecipeIsSaidAndKept(): void
    {
        $this->open('/bring');
        $this->type('The recipe, as it is written', 'Dear council, the lamp in the mill street is out.');
        $this->press('Read it');
        $this->see('No ingredients were found');
        $this->assertHolds('The recipe, as it is written', 'Dear council, the lamp in the mill street is out.');
        self::$driver->navigate()->refresh();
        $this->assertHolds('The recipe, as it is written', 'Dear council, the lamp in the mill street is out.');
    }

    #[Depends('testWhatIsNoRecipeIsSaidAndKept')]
    public function testAPasteThatIsTooLongIsSaidAtOnceAndKept(): void
    {
        $this->see('Up to 200 kB');
        self::$driver->executeScript(
            'const field = arguments[0]; Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(field, "2'
                .' onions, sliced\n".repeat(13000)); field.dispatchEvent(new Event("input", {bubbles: true}));',
            [$this->field('The recipe, as it is written')],
        );
        $this->see('at most 200 kB can be read');
        self::assertSame(221_000, self::$driver->executeScript('return document.querySelector("#recipe").value.length'));
    }

    #[Depends('testAPasteThatIsTooLongIsSaidAtOnceAndKept')]
    public function testARecipeIsReadAndCorrected(): string
    {
        self::$driver->manage()->getLog('browser');
        $this->type('The recipe, as it is written', self::RECIPE);
        $this->press('Read it');
        $this->see('1 to look at');
        $this->see('What is this?');
        $this->assertSound();
        $this->press('say it yourself for a slosh of blibble');
        $this->press('Not an ingredient');
        $this->see('Nothing left to ask');
        $this->press('✓beef stock');
        $this->type('Amount of 600 ml beef stock', '650 ml');
        $this->see('650 mL');

        return (string) self::$driver->getCurrentURL();
    }

    #[Depends('testARecipeIsReadAndCorrected')]
    public function testThePlacesAnswerEveryChangeAndKeepIt(): void
    {
        $this->go('Pot');
        $this->choose('Cooker', 'The big oval');
        $this->go('Day');
        $this->pickDay('Eat on', '2026-11-27');
        $this->type('Eat at', 'seven');
        $this->see('eat at 19:00');
        $this->press('Add a time away');
        $verdict = $this->textOf('verdict');
        $this->type('from', '08:10');
        $this->type('to', '17:40');
        $verdict = $this->seeChange('verdict', $verdict);
        $this->go('Pot');
        $this->choose('Cut', 'oxtail');
        $this->type('Weight as bought', '2½ lb');
        $this->see('taken as 1.13 kg');
        $this->type('Pieces', '6');
        $this->type('Thickness, if measured', '5 cm');
        $this->see('by the ruler');
        $this->seeChange('verdict', $verdict);
        $this->press('Sauce in your pot at the end');
        $this->see('steam past the lid');
        $this->see('kept');
        $shown = $this->textOf('verdict');
        $this->assertSound();

        self::$driver->navigate()->refresh();
        $this->see($shown);
        $this->assertHolds('Weight as bought', '2½ lb');
        $this->assertHolds('Thickness, if measured', '5 cm');
    }

    #[Depends('testThePlacesAnswerEveryChangeAndKeepIt')]
    public function testImpossibleValuesKeepWhatWasTypedAndSayWhy(): void
    {
        $this->type('Weight as bought', '40 kg');
        $this->see('must lie between');
        $this->find("//input[@aria-invalid='true'][@id=//label[normalize-space()='Weight as bought']/@for]");
        $this->see('kept');
        usleep(600_000);
        self::$driver->navigate()->refresh();
        $this->see('must lie between');
        $this->assertHolds('Weight as bought', '40 kg');
        $this->assertSound();
        $this->type('Weight as bought', '1.8 kg');
        $this->type('Meat starts at', '-18');
        $this->see('thaw it in the fridge first');
        $this->type('Meat starts at', '5');
        $this->dontSee('thaw it in the fridge first');
    }

    #[Depends('testImpossibleValuesKeepWhatWasTypedAndSayWhy')]
    public function testTheCalendarFileHoldsTheDay(): void
    {
        $this->go('Day');
        $this->press('remove the time from 08:10');
        $this->type('Eat at', '18:00');
        $this->see('eat at 18:00');
        $this->press('add a side dish');
        $this->click("//label[normalize-space()='mash']");
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->see('Drain and mash: mash');
        $this->see('kept');
        usleep(600_000);
        $ics = self::$driver->executeAsyncScript(
            'const done = arguments[0]; fetch(document.querySelector("a[download][href$=ics]").href).then((r) => r.text()).then(done);',
        );
        self::assertIsString($ics);
        $calendar = Reader::read($ics);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = array_filter($calendar->select('VEVENT'), static fn ($event): bool => $event instanceof VEvent);
        $summaries = '';
        foreach ($events as $event) {
            foreach ($event->select('SUMMARY') as $summary) {
                self::assertInstanceOf(Property::class, $summary);
                $summaries .= $summary->getRawMimeDirValue()."\n";
            }
        }
        self::assertStringContainsString('Begin the sauce', $summaries);
        self::assertStringContainsString('Drain and mash: mash', $summaries);
        foreach ($events as $event) {
            self::assertCount(1, $event->select('VALARM'));
        }
    }

    #[Depends('testTheCalendarFileHoldsTheDay')]
    public function testThePotIsStartedAndTheForkMovesThePlan(): string
    {
        $this->pickDay('Eat on', '2026-11-26');
        $this->see('It can’t be ready');
        $this->see('kept');
        $this->go('Stove');
        $this->press('otherwise');
        $this->type('already, at', '12:30');
        $this->press('Switched on');
        $this->see('What does the fork say?');
        $this->resize(390, 844);
        $window = $this->textOf('fork-window');
        $headline = $this->textOf('headline');
        $this->press('Resists');
        $moved = $this->seeChange('fork-window', $window);
        self::assertNotSame($headline, $this->textOf('headline'));
        self::assertStringContainsString('later than planned', $this->textOf('headline'));
        $this->assertSound();
        $this->press('Undo');
        $this->seeChange('fork-window', $moved);
        self::assertSame($window, $this->textOf('fork-window'));
        $this->press('Slides in');
        $this->see('Ready now.');
        $this->press('Something else');
        $this->press('done: Drain and mash: mash');
        $this->see('Done: Drain and mash: mash');
        $this->dontSee('Peel and cut: mash');
        $this->see('Take out: bay leaves');
        $this->assertSound();
        $this->press('Back to the stove');
        $stove = (string) self::$driver->getCurrentURL();
        $this->open('/');
        $this->see('on now');
        $this->see('To the stove');
        $this->assertSound();

        return $stove;
    }

    #[Depends('testThePotIsStartedAndTheForkMovesThePlan')]
    public function testWhatIsLeftGivesTheSlurry(string $url): void
    {
        $this->resize(390, 844);
        self::$driver->get($url);
        $this->press('The sauce');
        $this->type('Sauce in the pot', 'some');
        $this->see('wasn’t understood as an amount of liquid');
        $this->assertHolds('Sauce in the pot', 'some');
        self::$driver->manage()->getLog('browser');
        $this->type('Sauce in the pot', '500 mL');
        $this->click("//*[@role='radio'][normalize-space()='gravy']");
        $this->click("//*[@role='radio'][contains(@aria-label, 'Starch, 16 g')]");
        $this->see('2 tbsp of corn starch (cornflour) (16 g) in 30 mL cold water.');
        $this->assertSound();
        $this->click("//button[starts-with(normalize-space(), 'Do it so')]");
        $this->see('Noted: the sauce, 500 mL: Starch');
        $this->press('Something else');
        $this->assertSound();
    }

    #[Depends('testWhatIsLeftGivesTheSlurry')]
    public function testClosingWritesTheNotebook(): void
    {
        $this->type('What to remember', 'Fewer prunes.');
        $this->press('Close this cook');
        $this->see('It is in the notebook.');
        $this->press('It is in the notebook.');
        $this->see('Fewer prunes.');
        $this->see('Found ready at the first look.');
        $this->click("//main//li//a[starts-with(@href, '/notebook/')]");
        $this->see('500 mL');
        $this->assertSound();
    }

    #[Depends('testClosingWritesTheNotebook')]
    public function testDeletingCanBeUndone(): void
    {
        $this->open('/');
        $this->press('1 braise whose day is over');
        $this->see('Cooked and closed');
        $this->press('Delete Oxtail with stout and prunes');
        $this->see('was deleted');
        $this->press('Undo');
        $this->press('1 braise whose day is over');
        $this->find("//h4[normalize-space()='Oxtail with stout and prunes']");
        $this->assertSound();
        $this->press('Oxtail with stout and prunes');
        $this->assertHolds('Note', 'Fewer prunes.');
    }
}
