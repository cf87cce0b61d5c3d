<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use PHPUnit\Framework\Attributes\DataProvider;

/** How the places lie on a table top and in a hand: how long they are, what is in sight together, and what a finger hits. */
final class GeometryTest extends BrowserTestCase
{
    private const SIZES = ['table' => [1280, 800, 2], 'phone' => [390, 844, 4]];
    private const BRAISES = ['Lamb shanks', 'Sunday pork', 'VENISON'];
    private const LEAST_TARGET = 24;
    private const LEAST_TEXT = 12;

    /** @return iterable<string, array{string}> */
    public static function sizes(): iterable
    {
        foreach (array_keys(self::SIZES) as $size) {
            yield $size => [$size];
        }
    }

    #[DataProvider('sizes')]
    public function testNoPlaceIsLongerThanSoManyScreens(string $size): void
    {
        [$width, $height, $screens] = self::SIZES[$size];
        $this->resize($width, $height);
        foreach (self::BRAISES as $braise) {
            foreach (['recipe', 'pot', 'changes', 'day', 'stove'] as $place) {
                $this->openBraise($braise, $place);
                $this->find('//h2[@tabindex="-1"]', false);
                usleep(400_000);
                self::assertLessThanOrEqual(
                    $screens * $height, self::$driver->executeScript('return document.documentElement.scrollHeight'), "$braise, $place",
                );
            }
        }
        $this->open('/');
        $this->see('Planned');
        self::assertLessThanOrEqual($screens * $height, self::$driver->executeScript('return document.documentElement.scrollHeight'));
    }

    public function testWhatItWasStandsBesideAFigureOfThePot(): void
    {
        $this->resize(1280, 800);
        $this->openBraise('Lamb shanks', 'pot');
        $this->type('Weight as bought', '1.4 kg');
        $this->find('//dd//*[@data-was]');
        $over = self::$driver->executeScript(
            'const box = (e) => { const r = document.createRange(); r.selectNodeContents(e); return r.getBoundingClientRect(); };'
                .'const hits = (a, b) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;'
                .'const was = [...document.querySelectorAll("main [data-was]")];'
                .'const said = [...document.querySelectorAll("main dt, main dd .moved, main p strong .moved")];'
                .'return was.flatMap((w) => said.filter((s) => hits(w.getBoundingClientRect(), box(s))).map((s) => w.textContent + " over "'
                .' + s.textContent));',
        );
        self::assertSame([], $over);
        $this->press('Undo');
        $this->seeKept();
    }

    #[DataProvider('sizes')]
    public function testTheStripIsLowAndAlwaysThere(string $size): void
    {
        [$width, $height] = self::SIZES[$size];
        $this->resize($width, $height);
        foreach (['recipe', 'pot', 'changes', 'day'] as $place) {
            $this->openBraise('Lamb shanks', $place);
            $this->find('//h2[@tabindex="-1"]', false);
            self::$driver->executeScript('window.scrollTo(0, document.documentElement.scrollHeight / 2)');
            usleep(200_000);
            /** @var array{float, float} $header */
            $header = self::$driver->executeScript(
                'const r = document.querySelector("header").getBoundingClientRect(); return [r.top, r.height];',
            );
            self::assertSame(0.0, (float) $header[0], $place);
            self::assertLessThanOrEqual(64 + 90, $header[1], $place);
            self::assertTrue($this->isInView('[data-ribbon]'), $place);
        }
    }

    /** The heart of it, without scrolling: the pot, and what each setting makes of it. */
    #[DataProvider('sizes')]
    public function testThePotAndItsSettingsAreOnOneScreen(string $size): void
    {
        [$width, $height] = self::SIZES[$size];
        $this->resize($width, $height);
        foreach (self::BRAISES as $braise) {
            $this->openBraise($braise, 'pot');
            $this->find('//h2[@tabindex="-1"]', false);
            $this->find('//article[@aria-label="On High"]');
            usleep(400_000);
            self::assertTrue($this->isInView('[data-effect=pot]'), $braise);
            foreach (['Low', 'High'] as $setting) {
                self::assertTrue($this->isInView("article[aria-label=\"On $setting\"] button[role=radio]"), "$braise, $setting");
            }
        }
    }

    #[DataProvider('sizes')]
    public function testAControlItsEffectAndTheVerdictAreInSightTogether(string $size): void
    {
        [$width, $height] = self::SIZES[$size];
        $this->resize($width, $height);
        $this->openBraise('Lamb shanks', 'pot');
        $this->find('//h2[@tabindex="-1"]', false);
        foreach (['Weight as bought', 'Pieces', 'Thickness, if measured', 'Meat starts at'] as $field) {
            $control = $this->field($field);
            $this->reach($control);
            self::assertTrue($this->isInView('[data-effect=pot]'), "$field and the pot");
            self::assertTrue($this->isInView('[data-ribbon]'), "$field and the verdict");
            self::assertFalse($this->isCovered($control), "$field is not under anything");
        }
        foreach (['As little as the sauce needs', 'Covered'] as $school) {
            $control = $this->find("//button[@role='radio'][starts-with(normalize-space(), '$school')]");
            $this->reach($control);
            self::assertTrue($this->isInView('[data-effect=pot]'), "$school and the pot");
            self::assertFalse($this->isCovered($control), "$school is not under anything");
        }
    }

    #[DataProvider('sizes')]
    public function testTheFirstControlComesSoonAndTargetsAndTextAreLargeEnough(string $size): void
    {
        [$width, $height] = self::SIZES[$size];
        $this->resize($width, $height);
        foreach (['recipe', 'pot', 'changes', 'day'] as $place) {
            $this->openBraise('Lamb shanks', $place);
            $this->find('//h2[@tabindex="-1"]', false);
            usleep(300_000);
            $small = self::$driver->executeScript(
                'return [...document.querySelectorAll("button, input, select, textarea, a[href], summary, [role=slider]")].filter((e) => {'
                    .' const r = e.getBoundingClientRect(); const hidden = r.width === 0 || e.closest(".sr-only, .absolute, .inline");'
                    .' const inText = e.tagName === "A" && e.closest("p"); return !hidden && !inText && (r.width < arguments[0] - 0.5 ||'
                    .' r.height < arguments[0] - 0.5); }).map((e) => `${e.outerHTML.slice(0, 120)} ${e.getBoundingClientRect().height}`)',
                [self::LEAST_TARGET],
            );
            self::assertSame([], $small, $place);
            $tiny = self::$driver->executeScript(
                'return [...document.querySelectorAll("svg text")].filter((t) => parseFloat(getComputedStyle(t).fontSize) < arguments[0])'
                    .'.map((t) => t.textContent)',
                [self::LEAST_TEXT],
            );
            self::assertSame([], $tiny, $place);
        }
    }

    private function reach(RemoteWebElement $control): void
    {
        self::$driver->executeScript('arguments[0].scrollIntoView({block: "nearest", behavior: "instant"}); arguments[0].focus()', [
            $control,
        ]);
    }

    private function isCovered(RemoteWebElement $element): bool
    {
        return true === self::$driver->executeScript(
            'const r = arguments[0].getBoundingClientRect(); const top = document.elementFromPoint(r.x + r.width / 2, r.y + r.height / 2);'
                .' return !(top && (arguments[0].contains(top) || top.contains(arguments[0])));',
            [$element],
        );
    }
}
