<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A day as it is cooked, on a phone beside the stove: from the first tick to the fridge, the clock going with it. */
final class WholeDayTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';
    private const DAY = '2026-11-26';

    private string $latest = '00:00';

    public function testFromTheFirstTickToTheFridge(): void
    {
        $this->resize(390, 844);
        $braise = $this->openBraise('hanks', 'stove');
        $verdict = $this->textOf('verdict');
        self::assertStringStartsWith('In by 08:10', $verdict);
        $jobs = $this->before();
        self::assertGreaterThan(3, \count($jobs));
        foreach ($jobs as [$at, $text]) {
            $this->look($at);
            self::assertSame($verdict, $this->textOf('verdict'), "$at: the plan stands while it is followed");
            if (!str_starts_with($text, 'Load')) {
                self::assertSame($text, $this->textOf('next-text'));
                $this->press('Done');
                $this->see("Done: $text");
            }
        }
        $this->look('08:10');
        $this->press('Switched on now, on Low');
        $this->see('Dinner at 19:00, as planned.');
        $this->assertSound();

        $this->look($this->textOf('next-clock'));
        foreach ([[390, 844], [820, 1180], [1280, 800]] as [$width, $height]) {
            $this->resize($width, $height);
            $this->see('look again');
            $this->assertTheActIsInView("$width x $height");
        }
        $this->assertSound();
        $this->resize(390, 844);
        $this->press('Slides in');
        $this->see('Ready now.');
        $done = $this->work('Leftovers');
        self::assertContains('Taste, season, plate and serve', $done);
        $this->dontSee('past their best by now');
        $this->open("/braises/$braise/day");
        $this->see('Leftovers into shallow boxes');
        self::$driver->navigate()->back();
        self::assertCount(2, $this->work(null), 'boxed, then into the fridge');
        $this->assertSound();
        $this->press('Something else');
        $this->press('Close this cook');
        $this->see('It is in the notebook.');
        $this->open('/');
        $this->dontSee('Leftovers into shallow boxes');
        $this->assertSound();
    }

    /** @return list<array{string, string}> clock and work */
    private function before(): array
    {
        $this->find("//ol[@aria-label='Before the pot is on']");
        $jobs = [];
        foreach (self::$driver->findElements(WebDriverBy::xpath("//ol[@aria-label='Before the pot is on']/li")) as $line) {
            $time = $line->findElement(WebDriverBy::tagName('time'));
            $jobs[] = [trim($time->getText()), trim($line->findElement(WebDriverBy::xpath('./span'))->getText())];
        }

        return $jobs;
    }

    /**
     * Does what is next, each at its time, until something is or nothing is left.
     *
     * @return list<string> what was done
     */
    private function work(?string $until): array
    {
        $done = [];
        for ($k = 0; $k < 20 && [] !== self::$driver->findElements(WebDriverBy::xpath(
            "//*[@data-testid='next-text'] | //h2[.='How thick shall it be?']",
        )); ++$k) {
            $this->closeTheSauceIfAsked();
            $text = $this->textOf('next-text');
            if (null !== $until && str_starts_with($text, $until)) {
                break;
            }
            $this->look($this->textOf('next-clock'));
            $this->closeTheSauceIfAsked();
            if ($text !== $this->textOf('next-text')) {
                continue;
            }
            $this->press('Done');
            self::waitFor(static fn (): bool => $text !== self::$driver->executeScript(
                'return document.querySelector("[data-testid=next-text]")?.textContent.trim() ?? ""',
            ), self::WAIT_SECONDS, "another job than $text");
            // What the page shows at once is what it was told last; what is asked next is the server's answer.
            self::waitFor(static fn (): bool => true === self::$driver->executeScript(
                'return !Object.keys(localStorage).some((key) => key.startsWith("pausis.records."))',
            ), self::WAIT_SECONDS, 'what was done, told');
            $done[] = $text;
        }

        return $done;
    }

    private function closeTheSauceIfAsked(): void
    {
        $asked = static fn (): bool => [] !== self::$driver->findElements(WebDriverBy::xpath("//h2[.='How thick shall it be?']"));
        if ($asked()) {
            $this->find("//*[@role='slider']");
            $this->assertSound();
            $this->click("//button[starts-with(normalize-space(), 'Do it so')]");
            self::waitFor(static fn (): bool => !$asked(), self::WAIT_SECONDS, 'the next act');
        }
    }

    /** The clock large, the four answers and the two words at the bottom all in view, nothing over anything, targets a thumb hits. */
    private function assertTheActIsInView(string $size): void
    {
        /** @var array{float, list<array{string, float, float, float, bool}>} $seen */
        $seen = self::$driver->executeScript(<<<'JS'
            const clock = parseFloat(getComputedStyle(document.querySelector("[data-testid=next-clock]")).fontSize);
            const all = [...document.querySelectorAll("main li > button, main nav button, main nav a")].filter((one) => one.offsetParent);
            return [clock, all.map((one) => {
                const r = one.getBoundingClientRect();
                const on = document.elementFromPoint(r.left + r.width / 2, r.top + r.height / 2);
                return [one.textContent.slice(0, 20), r.top, r.bottom, r.height, one === on || one.contains(on)];
            })];
            JS);
        self::assertGreaterThanOrEqual(48.0, $seen[0], $size);
        self::assertGreaterThanOrEqual(6, \count($seen[1]), $size);
        /** @var int $height */
        $height = self::$driver->executeScript('return innerHeight');
        foreach ($seen[1] as [$text, $top, $bottom, $tall, $free]) {
            self::assertGreaterThanOrEqual(0.0, $top, "$size: $text");
            self::assertLessThanOrEqual($height + 1, $bottom, "$size: $text");
            self::assertGreaterThanOrEqual(44.0, $tall, "$size: $text");
            self::assertTrue($free, "$size: $text is covered");
        }
    }

    /** At a time of the day; never back. */
    private function look(string $clock): void
    {
        // What it was a moment ago may stand behind it.
        $this->latest = max($this->latest, substr($clock, 0, 5));
        self::at(self::DAY."T$this->latest:00+01:00");
        self::$driver->navigate()->refresh();
        $this->find("//*[@data-testid='verdict' or @data-testid='next-clock' or (self::h2 and .='How thick shall it be?')]", false);
    }
}
