<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The finish on a phone: the level dragged, the spoons, every way, the remedies; a table top beside it. */
final class FinishTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';
    private const LEFT = "//input[@aria-label='Sauce in the pot']";

    public function testFromTheLevelToTheEveningsWork(): void
    {
        $this->resize(390, 844);
        $this->openBraise('hanks', 'stove');
        self::at('2026-11-26T08:10:00+01:00');
        self::$driver->navigate()->refresh();
        $this->press('Switched on now, on Low');
        $this->see('Dinner at 19:00');
        self::at('2026-11-26T17:30:00+01:00');
        self::$driver->navigate()->refresh();
        $this->press('Slides in');
        $this->press('The sauce');
        $this->find("//*[@role='slider']");
        $this->assertSound();

        $before = (string) $this->find(self::LEFT)->getAttribute('value');
        $this->drag("//*[@role='slider']", 0, -40);
        self::waitFor(fn (): bool => $before !== $this->find(self::LEFT)->getAttribute('value'), self::WAIT_SECONDS, 'more in the pot');
        $more = (string) $this->find(self::LEFT)->getAttribute('value');
        $this->see("we thought $before");
        self::$driver->executeScript("document.querySelector('[role=slider]').focus()");
        $this->hold('PageDown', 'PageDown');
        self::waitFor(fn (): bool => $more !== $this->find(self::LEFT)->getAttribute('value'), self::WAIT_SECONDS, 'less again');

        $this->type('Sauce in the pot', '1.4 l');
        $this->see('7.4 cm high');
        $this->click("//*[@role='radio'][normalize-space()='gravy']");
        foreach (['Starch' => 'in 8', 'Butter, flour' => 'Knead', 'Blend it' => 'Blend', 'Leave it thin' => 'Skim it'] as $way => $told) {
            $this->click("//*[@role='radio'][starts-with(@aria-label, '$way')]");
            self::waitFor(fn (): bool => str_contains($this->textOf('steps'), $told), self::WAIT_SECONDS, "$way: $told");
        }
        $this->assertTargets();
        $this->click("//summary[.='Something is wrong with it']");
        $this->see('Boiled too far');
        $this->see('of starch in a little of it to keep it as thick');
        $this->assertSound();
        $this->click("//*[@role='radio'][starts-with(@aria-label, 'Butter, flour')]");
        $eat = substr((string) $this->find("//*[@role='radio'][@aria-checked='true'][starts-with(@aria-label, 'Butter')]")
            ->getAttribute('aria-label'), -10);
        $this->click("//button[starts-with(normalize-space(), 'Do it so')]");
        $this->see('Noted: the sauce, 1.4 L: Butter, flour');
        preg_match('/eat (\d\d:\d\d)/', $eat, $m);
        $this->see($m[1] ?? '19:00');
        $this->press('Something else');
        $this->see('Still to come');
        $this->see('Thicken');
        $this->press('Back to the stove');

        $this->resize(1280, 800);
        $this->press('The sauce');
        $this->find("//*[@role='slider']");
        $this->assertSound();
    }

    /** What is pressed at the stove is a thumb wide. */
    private function assertTargets(): void
    {
        foreach (self::$driver->findElements(WebDriverBy::cssSelector('main [role=radio], main button, main summary')) as $one) {
            if ($one->isDisplayed()) {
                self::assertGreaterThanOrEqual(44, $one->getSize()->getHeight(), $one->getText());
            }
        }
    }
}
