<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** What cooks do with a plan that is under way, in another order than it says. */
final class UnderwayTest extends ApiTestCase
{
    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
    }

    public function testTickedInTheWrongOrderAndByTwoAtOnceNothingVanishes(): void
    {
        $jobs = $this->before();
        self::assertGreaterThan(2, \count($jobs));
        $this->at((int) strtotime($jobs[0]['from']) + 60);
        $last = $jobs[\count($jobs) - 1]['id'];
        $once = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $last]);
        $this->at($this->now() + 60);
        $twice = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $last]);

        self::assertSame('done', self::states($once)[$last]);
        self::assertSame(self::states($once), self::states($twice));
        self::assertEqualsCanonicalizing(array_column($jobs, 'id'), array_keys(array_intersect_key(
            self::states($twice), array_flip(array_column($jobs, 'id')),
        )));
        self::assertNotSame('done', self::states($twice)[$jobs[0]['id']]);
        $this->call('POST', "/api/braises/$this->id/ticks", ['job' => 'no-such-job'], 422);
    }

    public function testATickIsTakenBackAfterAnHour(): void
    {
        $job = $this->before()[0];
        $this->at((int) strtotime($job['to']));
        $done = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $job['id']]);
        $this->at($this->now() + 3600);
        $back = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $job['id'], 'is' => 'taken-back']);

        self::assertSame('done', self::states($done)[$job['id']]);
        self::assertNotSame('done', self::states($back)[$job['id']]);
        self::assertMatchesRegularExpression('/^(?:In by|Start)/', self::text($back, 'adaptation.verdict'));
    }

    public function testSwitchedOnBeforeTheFirstJobThePotIsKept(): void
    {
        $before = $this->before();
        $this->at((int) strtotime($before[0]['from']) - 3 * 3600);
        $on = $this->now();
        $ask = $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 422);
        self::assertSame('which-dinner', self::text($ask, 'violations.0.code'));
        $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => '', 'serveAt' => '2026-11-26T19:00'], 201);
        $view = $this->call('GET', "/api/braises/$this->id");

        self::assertSame($on, strtotime(self::text($view, 'adaptation.ribbon.switchOn')));
        self::assertStringStartsWith('On since', self::text($view, 'adaptation.verdict'));
        self::assertNotContains('ahead', array_intersect_key(self::states($view), array_flip(array_column($before, 'id'))));
    }

    public function testAClockSetBackIsSaidAndRecordsAreKept(): void
    {
        $this->at((int) strtotime(self::text($this->call('GET', "/api/braises/$this->id"), 'adaptation.ribbon.switchOn')));
        $cook = '/api/cooks/'.self::text($this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201), 'id');
        $this->at($this->now() - 2 * 3600);
        $view = $this->call('POST', "$cook/fork-tests", ['answer' => 'resists']);

        self::assertContains('clock-behind', array_column((array) $view['flags'], 'rule'));
        self::assertSame(['switched-on', 'fork'], array_column((array) $view['events'], 'kind'));
        $this->at($this->now() + 5 * 3600);
        self::assertNotContains('clock-behind', array_column((array) $this->call('GET', $cook)['flags'], 'rule'));
    }

    public function testAfterHoursWithoutTheServerThePotIsWhereItWouldBe(): void
    {
        $this->at((int) strtotime(self::text($this->call('GET', "/api/braises/$this->id"), 'adaptation.ribbon.switchOn')));
        $cook = '/api/cooks/'.self::text($this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201), 'id');
        $this->at($this->now() + 3 * 3600);
        $seldom = $this->call('GET', $cook);

        self::assertSame('3 h', self::text($seldom, 'sinceOn'));
        self::assertStringStartsWith('On since', self::text($this->call('GET', "/api/braises/$this->id"), 'adaptation.verdict'));
    }

    public function testWhatWasUnderWayBeforeThePotWasOnGoesOn(): void
    {
        $view = $this->call('GET', "/api/braises/$this->id");
        $own = ['name' => 'stock for the freezer', 'work' => '', 'cooking' => '7 h', 'where' => 'ring'];
        $view = $this->call('PUT', "/api/braises/$this->id", [
            'revision' => $view['revision'], 'draft' => [
                ...(array) $view['draft'], 'ownSides' => [$own], 'setting' => 'high', 'away' => [],
            ],
        ]);
        self::assertStringContainsString('stock', (string) json_encode(self::in($view, 'adaptation.wholeDay.jobs')));
        $this->at((int) strtotime(self::text($view, 'adaptation.ribbon.switchOn')));
        $cook = $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201);

        self::assertStringStartsWith('Dinner at 19:00, as planned', self::text($cook, 'headline'));
    }

    public function testWhatIsUnderWayStaysInSightWhileOtherWorkIsTicked(): void
    {
        $view = $this->call('GET', "/api/braises/$this->id");
        $view = $this->call('PUT', "/api/braises/$this->id", [
            'revision' => $view['revision'],
            'draft' => [...(array) $view['draft'], 'sides' => ['mash'], 'setting' => 'high', 'away' => []],
        ]);
        $this->at((int) strtotime(self::text($view, 'adaptation.ribbon.switchOn')));
        $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201);
        $boils = (int) strtotime(self::begins($view)['mash-1']);
        $this->at($boils + 60);
        $this->call('POST', "/api/braises/$this->id/ticks", ['job' => 'mash-0']);
        $this->at($boils + 180);
        $then = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => 'fork-test']);

        self::assertSame('due', self::states($then)['mash-1'] ?? null, 'the potatoes are on the hob');
        self::assertEqualsWithDelta($boils, (int) strtotime(self::begins($then)['mash-1']), 120);
    }

    /**
     * @param array<mixed> $view
     *
     * @return array<string, string> by job
     */
    private static function begins(array $view): array
    {
        /** @var list<array{id: string, from: string}> $jobs */
        $jobs = self::in($view, 'adaptation.wholeDay.jobs');

        return array_column($jobs, 'from', 'id');
    }

    public function testSwitchedOnAsPlannedNothingIsAskedAboutTheDinner(): void
    {
        $view = $this->call('GET', "/api/braises/$this->id");
        $view = $this->call('PUT', "/api/braises/$this->id", [
            'revision' => $view['revision'],
            'draft' => [...(array) $view['draft'], 'handling' => [
                ...(array) self::in($view, 'draft.handling'), 'start' => '2026-11-26T07:30',
            ], 'setting' => 'high'],
        ]);
        $on = (int) strtotime(self::text($view, 'adaptation.ribbon.switchOn'));
        $this->at($on - 3600);
        $asked = $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 422);
        self::assertSame('which-dinner', self::text($asked, 'violations.0.code'), 'an hour sooner it is another thing');
        $this->at($on + 600);
        $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201);
    }

    public function testLeftoversOfALateDinnerAreInTheListToo(): void
    {
        $view = $this->call('GET', "/api/braises/$this->id");
        $view = $this->call('PUT', "/api/braises/$this->id", [
            'revision' => $view['revision'], 'draft' => [...(array) $view['draft'], 'serveAt' => '2026-11-26T22:30', 'away' => []],
        ]);
        $this->at((int) strtotime(self::text($view, 'adaptation.ribbon.switchOn')));
        $cook = $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201);

        self::assertSame(['portion', 'into-fridge'], \array_slice(array_column((array) $cook['tasks'], 'job'), -2));
    }

    public function testMeatThatIsOnThePlatesIsNotPastItsBest(): void
    {
        $this->at((int) strtotime(self::text($this->call('GET', "/api/braises/$this->id"), 'adaptation.ribbon.switchOn')));
        $cook = '/api/cooks/'.self::text($this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 201), 'id');
        $this->at($this->now() + 14 * 3600);
        self::assertContains('past-best-now', array_column((array) $this->call('GET', $cook)['flags'], 'rule'));
        $this->call('POST', "/api/braises/$this->id/ticks", ['job' => 'plate']);
        $eaten = $this->call('GET', $cook);

        self::assertNotContains('past-best-now', array_column((array) $eaten['flags'], 'rule'));
        self::assertSame('eaten', self::text($eaten, 'followed.state'));
        self::assertSame(['portion', 'into-fridge'], array_column((array) $eaten['tasks'], 'job'), 'though it is bedtime');
    }

    public function testWhatWasDoneForADinnerThatIsOverIsNotDoneForTheNext(): void
    {
        $job = $this->before()[0];
        $this->at((int) strtotime($job['to']));
        $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $job['id']]);
        $this->at($this->now() + 30 * 3600);
        $over = $this->call('GET', "/api/braises/$this->id");
        $again = $this->call('PUT', "/api/braises/$this->id", [
            'revision' => $over['revision'], 'draft' => [...(array) $over['draft'], 'serveAt' => '2026-11-28T19:00', 'away' => []],
        ]);

        self::assertNotContains('done', self::states($again));
        self::assertNotContains('done', self::states($this->call('GET', "/api/braises/$this->id")));
    }

    public function testAPlanOfYesterdayThatNeverBeganIsOver(): void
    {
        $this->at($this->now() + 26 * 3600);
        $view = $this->call('GET', "/api/braises/$this->id");
        $today = $this->call('GET', '/api/today');

        self::assertSame(['serve-in-the-past'], array_column((array) $view['problems'], 'code'));
        self::assertSame([[], []], [$today['planned'], $today['jobs']]);
        self::assertSame($this->id, self::text($today, 'past.0.id'));
        $ways = (array) $this->call('POST', "/api/braises/ways?of=$this->id", $view['draft'])['ways'];
        self::assertGreaterThan(1, \count($ways), 'it can be cooked again');
        foreach ($ways as $way) {
            $again = $this->call('POST', "/api/braises/preview?of=$this->id", array_replace_recursive(
                (array) $view['draft'], ['away' => []], (array) self::in((array) $way, 'change'), ['pins' => []],
            ));
            self::assertMatchesRegularExpression('/^(?:In by|Start|In at)/', self::text($again, 'adaptation.verdict'));
        }
    }

    public function testABraiseThatWasDeletedElsewhereSaysSo(): void
    {
        $job = $this->before()[0]['id'];
        $this->call('DELETE', "/api/braises/$this->id", null, 204);
        $gone = $this->call('POST', "/api/braises/$this->id/ticks", ['job' => $job], 404);
        $this->call('POST', "/api/braises/$this->id/cook", ['at' => '', 'setting' => ''], 404);
        $this->call('GET', "/api/braises/$this->id", null, 404);

        self::assertStringContainsString('may have been deleted', self::text($gone, 'title'));
    }

    /** @return non-empty-list<array{id: string, from: string, to: string}> jobs before switching on, but loading */
    private function before(): array
    {
        $view = $this->call('GET', "/api/braises/$this->id");
        $on = strtotime(self::text($view, 'adaptation.ribbon.switchOn'));
        $jobs = [];
        foreach ((array) self::in($view, 'adaptation.wholeDay.jobs') as $job) {
            \assert(\is_array($job));
            $one = ['id' => self::text($job, 'id'), 'from' => self::text($job, 'from'), 'to' => self::text($job, 'to')];
            if (strtotime($one['to']) <= $on && 'load' !== $one['id']) {
                $jobs[] = $one;
            }
        }

        return [] === $jobs ? self::fail('Something is done before.') : $jobs;
    }

    /**
     * @param array<mixed> $view
     *
     * @return array<string, string> by job
     */
    private static function states(array $view): array
    {
        /** @var list<array{id: string, state: string}> $jobs */
        $jobs = self::in($view, 'adaptation.wholeDay.jobs');

        return array_column($jobs, 'state', 'id');
    }
}
