<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;

/** What isn't safe or doesn't fit is asked before a pot is switched on; one that is on is kept, flagged, and told what to do. */
final class SafePotTest extends ApiTestCase
{
    public function testAnUnsafePotIsAskedAboutAndRecordedWhereItIsOn(): void
    {
        $draft = $this->draft();
        $braise = $this->braise([...$draft, 'meat' => [...(array) $draft['meat'], 'start' => '25 °C']]);
        self::assertStringStartsWith('Not this way: The meat would go in at 25 °C', self::text($braise, 'adaptation.verdict'));
        $asked = $this->call('POST', $this->cookOf($braise), ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00'], 422);
        self::assertSame('unsafe-start', self::in($asked, 'violations.0.code'));
        $changes = self::in($asked, 'violations.0.offers.0.changes');
        self::assertIsArray($changes);
        $cook = $this->call(
            'POST', $this->cookOf($braise), ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00', ...$changes], 201,
        );

        self::assertSame('why-so-warm', self::in($cook, 'flags.0.rule'));
        self::assertStringContainsString('throw it away', self::text($cook, 'flags.0.do'));
        self::assertNotNull($cook['next'], 'it is followed all the same');
    }

    public function testBeansAreFlaggedUntilTheyWereBoiled(): void
    {
        $draft = $this->draft();
        $beans = [
            'line' => 0, 'source' => '250 g dried kidney beans', 'amount' => '250 g', 'food' => 'dried kidney beans', 'role' => '',
            'ignored' => false,
        ];
        $braise = $this->braise([...$draft, 'ingredients' => [...(array) $draft['ingredients'], $beans]]);
        $cook = $this->call('POST', $this->cookOf($braise), ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00'], 201);
        $path = '/api/cooks/'.self::text($cook, 'id');
        self::assertSame('boiled', self::in($cook, 'flags.0.fact'));

        self::assertContains(
            'boil-beans',
            array_column(
                (array) $this->call('POST', "$path/facts", ['fact' => 'boiled', 'value' => '10 min', 'at' => '5:10'])['flags'], 'rule',
            ),
            'ten minutes are too few',
        );
        self::assertNotContains(
            'boil-beans',
            array_column(
                (array) $this->call('POST', "$path/facts", ['fact' => 'boiled', 'value' => '30 min', 'at' => '5:00'])['flags'], 'rule',
            ),
        );
        $this->call('POST', "$path/facts", ['fact' => 'all-is-well'], 422);
        $this->call('DELETE', "$path/events/last");
        self::assertContains('boil-beans', array_column((array) $this->call('GET', $path)['flags'], 'rule'), 'taken back');
    }

    #[TestWith([false, '20 min', 'power-cut-throw-away'])]
    #[TestWith([true, '75 min', 'power-cut-finish-elsewhere'])]
    #[TestWith([true, '4 h', 'power-cut-throw-away'])]
    public function testAPowerCutSaysWhatToDo(bool $home, string $long, string $rule): void
    {
        $cook = $this->call(
            'POST', $this->cookOf($this->braise($this->draft())),
            ['at' => '2026-11-26T00:30', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00'], 201,
        );
        $after = $this->call(
            'POST', '/api/cooks/'.self::text($cook, 'id').'/power',
            ['minutes' => $long, 'home' => $home, 'at' => '4 h' === $long ? '1:00' : '3:00'],
        );

        self::assertContains($rule, array_column((array) $after['flags'], 'rule'));
    }

    public function testADinnerFarOffIsAskedAboutAndTodaysIsOffered(): void
    {
        $braise = $this->braise([...$this->draft(), 'serveAt' => '2026-12-01T19:00', 'away' => []]);
        $asked = $this->call('POST', $this->cookOf($braise), ['at' => '', 'setting' => 'low'], 422);

        self::assertSame('which-dinner', self::in($asked, 'violations.0.code'));
        $today = self::in($asked, 'violations.0.offers.0.changes');
        self::assertIsArray($today);
        $cook = $this->call('POST', $this->cookOf($braise), ['at' => '', 'setting' => 'low', ...$today], 201);
        self::assertStringStartsWith('Dinner at ', self::text($cook, 'headline'));
        self::assertStringEndsWith('as planned.', self::text($cook, 'headline'));

        $this->clock('2026-11-26 23:50');
        self::assertSame(
            'Past its best by now. Lift the meat out and begin the sauce.',
            $this->call('GET', '/api/cooks/'.self::text($cook, 'id'))['headline'],
        );
    }

    public function testADinnerThatIsOverIsAskedAbout(): void
    {
        $braise = $this->braise($this->draft());
        $this->clock('2026-11-26 20:00');
        $asked = $this->call('POST', $this->cookOf($braise), ['at' => '', 'setting' => 'high'], 422);

        self::assertSame('dinner-over', self::in($asked, 'violations.0.code'));
        self::assertSame('past', self::in($this->call('GET', '/api/braises'), '0.state'));
        self::assertStringContainsString('cook it again', self::text($this->call('GET', '/api/braises'), '0.headline'));
    }

    public function testOneCookerHoldsOnePot(): void
    {
        $draft = $this->draft();
        $second = self::text(
            $this->call(
                'POST', '/api/cookers', ['name' => 'Round', 'capacity' => '4.5 L', 'shape' => 'round', 'watts' => '', 'autoWarm' => ''],
                201,
            ),
            'id',
        );
        $this->call('POST', $this->cookOf($this->braise($draft)), ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00'], 201);
        $other = $this->braise([...$draft, 'title' => 'Another']);
        $asked = $this->call('POST', $this->cookOf($other), ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00'], 422);

        self::assertSame('cooker-in-use', self::in($asked, 'violations.0.code'));
        self::assertSame(['cookerId' => $second], self::in($asked, 'violations.0.offers.0.changes'));
        $this->call(
            'POST', $this->cookOf($other),
            ['at' => '', 'setting' => 'high', 'serveAt' => '2026-11-26T19:00', 'cookerId' => $second, 'knowing' => ['already-on']], 201,
        );
    }

    public function testALaterAnswerTakesReadyBackAlsoInTheNotebook(): void
    {
        $cook = $this->call(
            'POST', $this->cookOf($this->braise($this->draft())),
            ['at' => '2026-11-25T19:30', 'setting' => 'low', 'serveAt' => '2026-11-26T07:30'], 201,
        );
        $path = '/api/cooks/'.self::text($cook, 'id');
        self::assertNotSame('', $this->call('POST', "$path/fork-tests", ['answer' => 'slides-in', 'at' => '4:00'])['readiness']);
        $resists = $this->call('POST', "$path/fork-tests", ['answer' => 'resists', 'at' => '5:00']);
        self::assertSame('', $resists['readiness']);
        self::assertContains('fork-test', array_column((array) $resists['tasks'], 'kind'));
        $this->call('POST', "$path/close", ['servedAt' => '', 'note' => '']);
        self::assertStringContainsString('Nobody looked', self::text($this->call('GET', '/api/notebook'), 'cooks.0.said'));
    }

    public function testClosingAndDeletingAreTakenBack(): void
    {
        $cooker = fn (): mixed => self::in($this->call('GET', '/api/cookers'), '0.heatFactor');
        $cook = $this->call(
            'POST', $this->cookOf($this->braise($this->draft())),
            ['at' => '2026-11-25T19:30', 'setting' => 'low', 'serveAt' => '2026-11-26T07:30'], 201,
        );
        $path = '/api/cooks/'.self::text($cook, 'id');
        $before = $cooker();
        $this->call('POST', "$path/fork-tests", ['answer' => 'resists', 'at' => '']);
        $this->call('POST', "$path/close", ['servedAt' => '', 'note' => 'Too soon.']);
        self::assertNotEquals($before, $cooker(), 'something was learned');
        $open = $this->call('POST', "$path/reopen");
        self::assertFalse($open['closed']);
        self::assertEqualsWithDelta($before, $cooker(), 1e-6);
        self::assertSame([], $this->call('GET', '/api/notebook')['cooks']);
        $this->call('POST', "$path/close", ['servedAt' => '', 'note' => 'Now.']);
        self::assertCount(1, (array) $this->call('GET', '/api/notebook')['cooks']);

        $id = self::text($this->call('GET', '/api/cookers'), '0.id');
        $this->call('DELETE', "/api/cookers/$id", null, 204);
        self::assertSame([], $this->call('GET', '/api/cookers'));
        $this->call('POST', "/api/cookers/$id/restore");
        self::assertCount(1, $this->call('GET', '/api/cookers'));
    }

    public function testAWaterTestIsKeptAsItGoesAndTheHouseHasRevisions(): void
    {
        $id = self::text(
            $this->call(
                'POST', '/api/cookers', ['name' => 'Oval', 'capacity' => '6.5 L', 'shape' => 'oval', 'watts' => '', 'autoWarm' => ''], 201,
            ),
            'id',
        );
        $this->call(
            'PUT', "/api/cookers/$id/water-test",
            ['water' => '3 L', 'start' => 'as the tap', 'room' => '', 'readings' => [['after' => '2 h', 'temperature' => '']]],
        );
        self::assertSame('as the tap', self::in($this->call('GET', '/api/cookers'), '0.waterTest.start'), 'as typed, nothing of it judged');

        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'rings' => '3']);
        $this->call('PUT', '/api/house', [...$house, 'rings' => '5'], 409);
        self::assertSame('3', self::in($this->call('GET', '/api/house'), 'draft.rings'));
    }

    public function testARecipeThatBrownsTheEveningBeforeIsToldOtherwiseEverywhere(): void
    {
        $recipe = str_replace(
            'Brown the shanks. Pour', "The night before, brown the shanks all over, cool and refrigerate overnight.\nNext day, pour",
            self::RECIPE,
        );
        /** @var array<string, mixed> $draft */
        $draft = $this->call('POST', '/api/recipes/read', ['text' => $recipe])['draft'];
        $braise = $this->braise([
            ...$this->draft(), ...$draft, 'cookerId' => self::in($this->call('GET', '/api/cookers'), '0.id'),
            'serveAt' => '2026-11-27T19:00',
        ]);

        self::assertContains('browned-ahead', array_column((array) self::in($braise, 'adaptation.findings'), 'rule'));
        self::assertContains('step-brown-just-before', array_column((array) self::in($braise, 'adaptation.ledger'), 'code'));
        $this->client->request('GET', '/api/braises/'.self::text($braise, 'id').'/recipe.md');
        $markdown = (string) $this->client->getResponse()->getContent();
        self::assertStringContainsString('Straight before loading, never ahead: Brown the shanks all over', $markdown);
        self::assertStringNotContainsString('overnight.', explode('## Notes', $markdown)[0]);
        $jobs = array_column((array) self::in($braise, 'adaptation.wholeDay.jobs'), 'from', 'id');
        self::assertIsString($jobs['brown-meat']);
        self::assertStringStartsWith('2026-11-27', $jobs['brown-meat']);
    }

    public function testCautionsAreMadeFromTheRules(): void
    {
        $text = json_encode($this->call('GET', '/api/cautions'), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);

        self::assertStringContainsString('within 4 h of leaving the fridge', $text);
        self::assertStringContainsString('boiled hard for 30 min', $text);
    }

    /**
     * @param array<string, mixed> $draft
     *
     * @return array<array-key, mixed>
     */
    private function braise(array $draft): array
    {
        return $this->call('POST', '/api/braises', $draft, 201);
    }

    /** @param array<array-key, mixed> $braise */
    private function cookOf(array $braise): string
    {
        return '/api/braises/'.self::text($braise, 'id').'/cook';
    }

    private function clock(string $local): void
    {
        $this->at((new \DateTimeImmutable($local, new \DateTimeZone('Europe/Vienna')))->getTimestamp());
    }
}
