<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

final class CookApiTest extends ApiTestCase
{
    private string $cook;

    protected function setUp(): void
    {
        parent::setUp();
        // Planned for an early meal and switched on the evening before, so that at 05:30 the pot has been on for ten hours.
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => []], 201);
        $this->cook = '/api/cooks/'.self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201),
            'id',
        );
    }

    public function testAResistingForkMovesTheWindowAndThePlan(): void
    {
        $before = $this->call('GET', $this->cook);
        $after = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);

        self::assertSame('Dinner at 07:30, as planned.', $before['headline']);
        self::assertGreaterThan(self::in($before, 'windows.1.likely'), self::in($after, 'windows.1.likely'));
        self::assertGreaterThan(10.0, self::in($after, 'windows.1.likely'));
        self::assertMatchesRegularExpression('/^Dinner at 07:30, as planned: [2-7] such pots in ten/', self::text($after, 'headline'),
            'said, and not moved yet');
        foreach (range(1, 3) as $_) {
            $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        }
        $again = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        self::assertMatchesRegularExpression('/^(?:Dinner moves to|Likely ready by) /', self::text($again, 'headline'));
        $sauce = static fn (array $cook): mixed => array_column((array) $cook['tasks'], 'at', 'kind')['sauce'];
        self::assertGreaterThan($sauce($before), $sauce($again));
    }

    public function testWhenTheForkSlidesInTheSauceIsNext(): void
    {
        $after = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'slides-in', 'at' => '2026-11-26T05:00']);

        self::assertSame('sauce', self::in($after, 'next.kind'));
        self::assertStringStartsWith('Ready now.', self::text($after, 'readiness'));
        self::assertSame(['switched-on', 'fork'], array_column((array) $after['events'], 'kind'));
    }

    public function testTheWorkbenchOfARunningPotShowsItsDayAsSwitchedOn(): void
    {
        $braise = self::text($this->call('GET', $this->cook), 'braiseId');
        $view = $this->call('GET', "/api/braises/$braise");

        self::assertSame('On since Wed 19:30 on Low. Dinner at 07:30, as planned.', self::text($view, 'adaptation.verdict'));
        self::assertSame('2026-11-25T19:30:00+01:00', self::text($view, 'adaptation.ribbon.switchOn'));
        self::assertSame(basename($this->cook), $view['cookId']);
        $saved = $this->call(
            'PUT', "/api/braises/$braise", ['revision' => $view['revision'], 'draft' => [...(array) $view['draft'], 'sides' => ['mash']]],
        );
        self::assertSame('2026-11-25T19:30:00+01:00', self::text($saved, 'adaptation.ribbon.switchOn'));
    }

    public function testTheActSaysHowMuchItTakes(): void
    {
        $text = str_replace('3 hours.', "3 hours.\nStir in the parsley for the last 10 minutes.", self::RECIPE);
        $text = str_replace('1 tsp salt', "1 tsp salt\n20 g parsley, chopped", $text);
        $read = (array) self::in($this->call('POST', '/api/recipes/read', ['text' => $text]), 'draft');
        $braise = $this->call('POST', '/api/braises', [
            ...$read, 'cookerId' => $this->draft()['cookerId'], 'serveAt' => '2026-11-26T07:30', 'sides' => ['mash'],
        ], 201);
        $cook = $this->call(
            'POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201,
        );
        $taken = [];
        for ($k = 0; $k < 12 && null !== $cook['next']; ++$k) {
            $job = self::text($cook, 'next.job');
            $taken[$job] = $cook['amounts'];
            $path = '/api/cooks/'.self::text($cook, 'id');
            $cook = '' === $job
                ? $this->call('POST', "$path/fork-tests", ['answer' => 'slides-in', 'at' => ''])
                : $this->call('POST', "$path/done", ['job' => $job]);
        }
        self::assertSame(['220 g of floury potatoes for each'], $taken['mash-0'] ?? null);
        self::assertContains(['20 g parsley, chopped'], $taken);
        self::assertSame([], $taken['mash-1'] ?? null);
    }

    public function testSideDishesFollowTheDinnerAndAreTickedOff(): void
    {
        $braise = $this->call(
            'POST', '/api/braises',
            [
                ...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => [], 'sides' => ['mash'],
                'ownSides' => [['name' => 'apple sauce', 'work' => '5 min', 'cooking' => '15', 'where' => 'ring']],
            ],
            201,
        );
        $id = self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201),
            'id',
        );
        $jobs = static fn (array $cook): array => array_filter(
            array_column((array) $cook['tasks'], 'at', 'job'), static fn (string $job): bool => '' !== $job, \ARRAY_FILTER_USE_KEY,
        );
        $before = $this->call('GET', "/api/cooks/$id");
        $own = ['into-fridge', 'plate', 'portion', 'strain-and-skim', 'take-out'];
        self::assertSame(self::sorted(['mash-0', 'mash-1', 'mash-2', 'own0-0', 'own0-1', ...$own]),
            self::sorted(array_keys($jobs($before))));

        foreach (range(1, 4) as $_) {
            $this->call('POST', "/api/cooks/$id/fork-tests", ['answer' => 'resists', 'at' => '']);
        }
        $late = $this->call('POST', "/api/cooks/$id/fork-tests", ['answer' => 'resists', 'at' => '']);
        self::assertGreaterThan($jobs($before)['mash-2'], $jobs($late)['mash-2']);
        self::assertLessThan($jobs($late)['plate'], $jobs($late)['mash-2']);

        $done = $this->call('POST', "/api/cooks/$id/done", ['job' => 'mash-1']);
        self::assertSame(
            self::sorted(['mash-2', 'own0-0', 'own0-1', ...$own]), self::sorted(array_keys($jobs($done))), 'what leads to it is done too',
        );
        self::assertContains('Done: Boil: mash', array_column((array) $done['events'], 'text'));
        $back = $this->call('DELETE', "/api/cooks/$id/events/last");
        self::assertCount(10, $jobs($back));
        $this->call('POST', "/api/cooks/$id/done", ['job' => ''], 422);
    }

    public function testACookOutlivesWhoWasAway(): void
    {
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call(
            'PUT', '/api/house',
            [...$house, 'people' => [['id' => 'a', 'name' => 'Tamsin', 'habits' => ''], ['id' => 'b', 'name' => 'Joris', 'habits' => '']]],
        );
        $away = [['from' => '2026-11-26T06:00', 'to' => '2026-11-26T07:00', 'who' => 'b', 'what' => 'away']];
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => $away], 201);
        $id = self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201),
            'id',
        );
        $this->call('PUT', '/api/house', [...$house, 'revision' => 1]);

        self::assertStringStartsWith('Dinner', self::text($this->call('GET', "/api/cooks/$id"), 'headline'));
    }

    /**
     * @param list<int|string> $values
     *
     * @return list<int|string>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }

    public function testTheWaysToCloseTheSauceAreForWhatIsSeen(): void
    {
        $finish = $this->call('GET', "$this->cook/finish?left=500+ml&thickness=gravy&thickener=corn-starch");
        $ways = array_column((array) self::in($finish, 'ways'), null, 'way');

        self::assertSame('500 mL', self::in($finish, 'left'));
        self::assertSame('16 g', self::text((array) $ways['starch'], 'amount'));
        self::assertStringContainsString('30 mL cold water', (string) json_encode(self::in((array) $ways['starch'], 'steps')));
        self::assertStringContainsString('2 min at the boil', (string) json_encode(self::in((array) $ways['starch'], 'steps')));
        self::assertStringContainsString('8 min at the boil', (string) json_encode($ways['flour-and-butter']));
        self::assertFalse(self::in((array) $ways['flour-and-butter'], 'picks'));
        self::assertTrue(self::in((array) $ways['starch'], 'picks'));
        $root = $this->call('GET', "$this->cook/finish?left=500+ml&thickness=gravy&thickener=arrowroot");
        self::assertStringContainsString('1 min at the boil', (string) json_encode(self::in($root, 'ways')));
    }

    public function testWhatIsLeftIsTypedAsItIsSeen(): void
    {
        foreach (['850 g' => '850 mL', '3 cups' => '720 mL', '30 oz' => '850 mL'] as $typed => $read) {
            self::assertSame($read, self::in($this->call('GET', "$this->cook/finish?left=".rawurlencode($typed)), 'left'), $typed);
        }
        $high = $this->call('GET', "$this->cook/finish?left=".rawurlencode('3.5 cm'));
        [$level, $depth] = [self::in($high, 'level'), self::in($high, 'depth')];
        self::assertIsFloat($level);
        self::assertIsFloat($depth);
        self::assertEqualsWithDelta(3.5, 100 * $level * $depth, 0.05);
        self::assertSame(
            self::in($high, 'left'), self::in($this->call('GET', "$this->cook/finish?level=$level"), 'left'),
        );
        $this->call('GET', "$this->cook/finish?left=lots", expected: 422);
        $this->call('GET', "$this->cook/finish?left=90+l", expected: 422);
    }

    public function testTheWayThatIsChosenIsTheEveningsWork(): void
    {
        $finish = $this->call('GET', "$this->cook/finish?left=1.4+l&thickness=coats-a-spoon");
        foreach ((array) self::in($finish, 'ways') as $way) {
            if ('' !== self::text((array) $way, 'why')) {
                continue;
            }
            $cook = $this->call('POST', "$this->cook/sauce", [
                'left' => '1.4 l', 'thickness' => 'coats-a-spoon', 'thickener' => 'corn-starch', 'way' => self::text((array) $way, 'way'),
            ]);
            self::assertSame(self::in((array) $way, 'eat'), self::in($cook, 'serveText'), self::text((array) $way, 'way'));
            $does = (string) json_encode(array_column((array) self::in($cook, 'tasks'), 'job'));
            $steps = (string) json_encode(self::in((array) $way, 'steps'), \JSON_UNESCAPED_UNICODE);
            self::assertSame(str_contains($steps, 'off in a'), str_contains($does, 'reduce'), "$steps: $does");
            self::assertSame(str_contains($steps, 'tbsp'), 1 === preg_match('/slurry|butter/', $does), "$steps: $does");
            self::assertSame(str_contains($steps, 'Blend '), str_contains($does, 'blend'), "$steps: $does");
        }
        $this->call('POST', "$this->cook/sauce",
            ['left' => '1.4 l', 'thickness' => 'gravy', 'thickener' => 'corn-starch', 'way' => 'magic'],
            expected: 422);
    }

    public function testTheLastRecordCanBeTakenBack(): void
    {
        $before = $this->call('GET', $this->cook);
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        $back = $this->call('DELETE', "$this->cook/events/last");

        self::assertSame([$before['windows'], $before['tasks'], $before['events']], [$back['windows'], $back['tasks'], $back['events']]);
    }

    public function testClosingWritesPlannedAgainstHappened(): void
    {
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'slides-in', 'at' => '2026-11-26T05:00']);
        $this->call('POST', "$this->cook/sauce", ['left' => '600 ml', 'thickness' => 'gravy', 'thickener' => 'flour']);
        $closed = $this->call('POST', "$this->cook/close", ['servedAt' => '2026-11-26T05:30', 'note' => 'Softer beans next time.']);
        self::assertTrue($closed['closed']);

        $page = $this->page();
        self::assertSame('Softer beans next time.', $page['note']);
        $happened = array_column((array) $page['lines'], 'happened', 'what');
        self::assertSame('by Thu 05:00, at the first look', $happened['Ready']);
        self::assertSame(['Thu 07:30', 'Thu 05:30'], [
            array_column((array) $page['lines'], 'planned', 'what')['Eaten'], $happened['Eaten'],
        ]);
        self::assertSame('600 mL', $happened['Sauce left']);
        self::assertSame('cooked', self::in($this->call('GET', '/api/braises'), '0.state'));
        self::assertTrue($this->call('POST', "$this->cook/close", ['servedAt' => '', 'note' => 'A second time.'])['closed']);
        self::assertCount(1, (array) $this->call('GET', '/api/notebook')['cooks']);
        self::assertTrue(
            $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => ''])['closed'],
            'a record that comes after is kept',
        );
    }

    public function testWhatACookTeachesIsKeptForTheNext(): void
    {
        $draft = (array) self::in($this->call('GET', '/api/braises/'.self::text($this->call('GET', $this->cook), 'braiseId')), 'draft');
        $likely = fn (): mixed => self::in(
            $this->call('POST', '/api/braises/preview', [...$draft, 'serveAt' => '2026-11-27T19:00']),
            'adaptation.outcomes.0.windows.1.likely',
        );
        $before = $likely();
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '2026-11-26T05:00']);
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        $this->call('POST', "$this->cook/close", ['servedAt' => '', 'note' => '']);

        self::assertGreaterThan($before, $likely());
        self::assertStringContainsString('more time in this house', self::text($this->page(), 'learned'));
    }

    /** @return array<array-key, mixed> of the cook that was closed */
    private function page(): array
    {
        return $this->call('GET', '/api/notebook/'.self::text($this->call('GET', '/api/notebook'), 'cooks.0.id'));
    }

    public function testRecordsThatCantBeAreRefused(): void
    {
        $this->call('POST', "$this->cook/fork-tests", ['answer' => 'perhaps', 'at' => ''], 422);
        $early = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '2026-11-25T19:00'], 422);
        self::assertSame('before-the-start', self::in($early, 'violations.0.code'));
        $late = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '2026-11-26T06:00'], 422);
        self::assertSame('in-the-future', self::in($late, 'violations.0.code'));
        $this->call('POST', "$this->cook/sauce", ['left' => 'some', 'thickness' => 'gravy', 'thickener' => 'flour'], 422);
        $this->call('POST', "$this->cook/setting", ['setting' => 'simmer'], 422);
    }

    public function testTurningToHighBringsDinnerForward(): void
    {
        $late = $this->call('POST', "$this->cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        self::assertNotSame('', $late['onHigh']);
        $turned = $this->call('POST', "$this->cook/setting", ['setting' => 'high']);

        self::assertSame('High', $turned['setting']);
        self::assertLessThan(self::in($late, 'windows.1.latest') ?? \INF, self::in($turned, 'windows.1.latest'));
    }

    public function testACookOutlivesItsCooker(): void
    {
        $before = $this->call('GET', $this->cook);
        $this->call('DELETE', '/api/cookers/'.self::text($this->call('GET', '/api/cookers'), '0.id'), null, 204);

        self::assertSame($before['windows'], $this->call('GET', $this->cook)['windows']);
    }

    public function testASecondStartFindsTheRunningPot(): void
    {
        $running = $this->call('GET', $this->cook);
        $again = $this->call('POST', '/api/braises/'.self::text($running, 'braiseId').'/cook', ['at' => '', 'setting' => 'high']);

        self::assertSame($running['id'], $again['id']);
    }
}
