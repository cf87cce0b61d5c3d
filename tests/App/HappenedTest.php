<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** What else happens to a pot that is on: told at the stove, followed, taken back. */
final class HappenedTest extends ApiTestCase
{
    private string $cook;
    private string $braise;

    protected function setUp(): void
    {
        parent::setUp();
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => []], 201);
        $this->braise = '/api/braises/'.self::text($braise, 'id');
        $this->cook = '/api/cooks/'.self::text(
            $this->call('POST', "$this->braise/cook", ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201), 'id',
        );
    }

    public function testALidThatWasOffForLongCostsMoreThanALook(): void
    {
        $before = $this->likely($this->call('GET', $this->cook));
        $shortly = $this->likely($this->call('POST', "$this->cook/lid-off", ['minutes' => '2', 'at' => '02:30']));
        $this->call('DELETE', "$this->cook/events/last");
        $long = $this->call('POST', "$this->cook/lid-off", ['minutes' => '25 min', 'at' => '02:30']);

        self::assertGreaterThan($before, $shortly);
        self::assertGreaterThan($shortly + 0.1, $this->likely($long));
        self::assertSame('The lid was off for 25 min', self::in($long, 'events.1.text'));
        self::assertSame($before, $this->likely($this->call('DELETE', "$this->cook/events/last")), 'taken back');
        $this->call('POST', "$this->cook/lid-off", ['minutes' => 'a while'], 422);
    }

    public function testColdWaterSetsThePotBackMoreThanHotAndIsInTheSauce(): void
    {
        $before = $this->call('GET', $this->cook);
        $sauce = $this->left();
        $hot = $this->call('POST', "$this->cook/poured", ['amount' => '500 mL', 'hot' => true, 'at' => '01:30']);
        self::assertSame('500 mL added, hot', self::in($hot, 'events.1.text'));
        self::assertEqualsWithDelta($sauce + 500, $this->left(), 60.0);
        $this->call('DELETE', "$this->cook/events/last");
        $cold = $this->call('POST', "$this->cook/poured", ['amount' => '500 mL', 'at' => '01:30']);

        self::assertGreaterThan($this->likely($before), $this->likely($hot), 'the lid was lifted for it');
        self::assertGreaterThan($this->likely($hot), $this->likely($cold));
        $this->call('DELETE', "$this->cook/events/last");
        $out = $this->call('POST', "$this->cook/poured", ['amount' => '200 mL', 'out' => true, 'at' => '01:30']);
        self::assertSame('200 mL ladled off', self::in($out, 'events.1.text'));
        self::assertEqualsWithDelta($sauce - 200, $this->left(), 60.0);
        $this->call('DELETE', "$this->cook/events/last");
        $this->call('POST', "$this->cook/sauce", ['left' => '900 mL', 'thickness' => 'as-the-recipe', 'thickener' => 'corn-starch',
            'way' => 'as-planned']);
        $this->call('POST', "$this->cook/poured", ['amount' => '300 mL', 'hot' => true]);
        self::assertEqualsWithDelta(1200.0, $this->left(), 60.0, 'after somebody has looked');
        $this->call('POST', "$this->cook/poured", ['amount' => '90 L'], 422);
        $this->call('POST', "$this->cook/poured", ['amount' => 'a bit'], 422);
    }

    public function testBubblesTellOfThePotsHeatWithoutLiftingTheLid(): void
    {
        $before = $this->call('GET', $this->cook);
        $none = $this->call('POST', "$this->cook/bubbles", ['seen' => 'none']);
        $this->call('DELETE', "$this->cook/events/last");
        $over = $this->call('POST', "$this->cook/bubbles", ['seen' => 'over']);

        self::assertGreaterThan($this->likely($before), $this->likely($none), 'cooler than was thought');
        self::assertLessThan($this->likely($before), $this->likely($over), 'hotter than was thought');
        self::assertSame($before['lidCost'], $over['lidCost']);
        self::assertSame('It bubbles all over', self::in($over, 'events.1.text'));
        $this->call('POST', "$this->cook/bubbles", ['seen' => 'a lot'], 422);
    }

    public function testGuestsWhoAreLateMoveDinnerEverywhereAndCanBeTakenBack(): void
    {
        $later = $this->call('POST', "$this->cook/dinner", ['later' => 30, 'serves' => '6', 'id' => 'late']);

        self::assertSame('Dinner at 08:00, as planned.', self::text($later, 'headline'));
        self::assertSame('Dinner at 08:00, for 6', self::in($later, 'events.1.text'));
        $view = $this->call('GET', $this->braise);
        self::assertSame(['2026-11-26T08:00', '6'], [self::in($view, 'draft.serveAt'), self::in($view, 'draft.serves')]);
        $this->call('POST', "$this->cook/dinner", ['later' => 0, 'at' => '-90 s', 'id' => 'kept'], 200);
        $this->call('DELETE', "$this->cook/events/last?event=kept");
        $twice = $this->call('POST', "$this->cook/dinner", ['later' => 30, 'id' => 'late']);
        self::assertSame('Dinner at 08:00, as planned.', self::text($twice, 'headline'), 'taken once');

        $back = $this->call('DELETE', "$this->cook/events/last?event=late");
        self::assertSame('Dinner at 07:30, as planned.', self::text($back, 'headline'));
        self::assertSame('2026-11-26T07:30', self::in($this->call('GET', $this->braise), 'draft.serveAt'));
        $this->call('POST', "$this->cook/dinner", ['later' => -239], 422);
        $this->call('POST', "$this->cook/dinner", ['later' => 4_000], 422);
        foreach (['many', '0', '5000'] as $serves) {
            $this->call('POST', "$this->cook/dinner", ['serves' => $serves], 422);
        }
    }

    public function testItRingsWhenAnActsTimeHasComeAndSomebodyIsAwake(): void
    {
        $next = (int) strtotime(self::text($this->call('GET', $this->cook), 'next.at'));
        $this->at($next - 60);
        self::assertFalse(self::in($this->call('GET', $this->cook), 'isDue'));
        $this->at((int) strtotime('2026-11-26T07:29:00+01:00'));
        self::assertTrue(self::in($this->call('GET', $this->cook), 'isDue'));
        $this->at((int) strtotime('2026-11-27T02:00:00+01:00'));
        self::assertFalse(self::in($this->call('GET', $this->cook), 'isDue'), 'everybody is asleep');
    }

    public function testANoteIsKeptInTheCooksWords(): void
    {
        $noted = $this->call('POST', "$this->cook/notes", ['text' => '  the small lid leaks ']);

        self::assertSame('the small lid leaks', self::in($noted, 'events.1.text'));
        $this->call('POST', "$this->cook/notes", ['text' => '   '], 422);
        $this->call('POST', "$this->cook/notes", ['text' => str_repeat('x', 501)], 422);
    }

    /** mL that are thought to be in the pot, as told */
    private function left(): float
    {
        $told = self::text($this->call('GET', "$this->cook/finish"), 'left');

        return (str_contains($told, ' L') ? 1000 : 1) * (float) $told;
    }

    /** @param array<mixed> $cook */
    private function likely(array $cook): float
    {
        return self::number($cook, 'windows.1.likely');
    }

    /** @param array<mixed> $of */
    private static function number(array $of, string $path): float
    {
        $value = self::in($of, $path);
        self::assertIsNumeric($value);

        return (float) $value;
    }
}
