<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** A braise that is cooked one evening and eaten on the next, from the first wish to the plate. */
final class ChilledTest extends ApiTestCase
{
    public function testItIsPlannedShownAndFollowedOverTwoDays(): void
    {
        $braise = $this->call('POST', '/api/braises', [
            ...$this->draft(), 'serveAt' => '2026-11-28T19:00', 'setting' => 'high', 'away' => [], 'sides' => ['mash'],
        ], 201);
        $offer = (array) self::in($braise, 'adaptation.anotherDay.change');
        self::assertSame(['2026-11-27T21:00', '2026-11-28T19:00'], [$offer['serveAt'], ((array) $offer['handling'])['eatenOn']]);
        $id = self::text($braise, 'id');
        $draft = (array) $braise['draft'];
        $planned = $this->call('PUT', "/api/braises/$id", ['revision' => $braise['revision'], 'draft' => [
            ...$draft, 'serveAt' => $offer['serveAt'], 'handling' => [...(array) $draft['handling'], ...(array) $offer['handling']],
        ]]);

        self::assertStringContainsString('warmed through and eaten on Saturday 28 November, 19:00', self::text($planned,
            'adaptation.verdict'));
        $jobs = self::jobs($planned);
        self::assertSame('2026-11-27', substr($jobs['plate'], 0, 10));
        foreach (['fat-off', 'reheat', 'mash-1', 'plate-again'] as $job) {
            self::assertSame('2026-11-28', substr($jobs[$job], 0, 10), $job);
        }
        $this->client->request('GET', "/api/braises/$id/calendar.ics");
        foreach (['DTSTART:20261128T17', 'Warm it through'] as $text) {
            self::assertStringContainsString($text, (string) $this->client->getResponse()->getContent());
        }

        $this->at((int) strtotime(self::text($planned, 'adaptation.ribbon.switchOn')));
        $cook = self::text($this->call('POST', "/api/braises/$id/cook", ['at' => '', 'setting' => ''], 201), 'id');
        foreach (['plate', 'into-fridge'] as $job) {
            $this->at((int) strtotime($jobs[$job]) + 60);
            $this->call('POST', "/api/cooks/$cook/done", ['job' => $job, 'at' => '', 'id' => $job]);
        }
        $this->at((int) strtotime('2026-11-28T12:00:00+01:00'));
        $view = $this->call('GET', "/api/cooks/$cook");
        self::assertSame('put-away', self::in($view, 'followed.state'));
        self::assertSame([], $view['flags'], 'what is in the fridge stands on no Warm');
        self::assertStringContainsString('chilled, for Saturday 28 November, 19:00', self::text($view, 'headline'));
        self::assertSame([true, false], [$view['isChilled'], $view['asksSauce']], 'its sauce is made on the day');
        self::assertContains(self::in($view, 'next.job'), ['mash-0', 'fat-off']);

        $this->call('POST', "/api/cooks/$cook/done", ['job' => 'fat-off', 'at' => '', 'id' => 'f']);
        $left = self::jobs($this->call('GET', "/api/braises/$id"));
        self::assertSame($jobs['reheat'], $left['reheat'], 'what is left keeps its time');
    }

    public function testADayThatCannotBeIsSaidBesideIt(): void
    {
        foreach (['tomorrow-ish' => 'eaten-on-not-understood', '2026-11-26T20:00' => 'eaten-on-too-soon',
            '2026-12-09T19:00' => 'eaten-on-too-late'] as $typed => $code) {
            $draft = $this->draft();
            $problem = $this->call('POST', '/api/braises/preview', [
                ...$draft, 'handling' => [...(array) ($draft['handling'] ?? []), 'eatenOn' => $typed],
            ]);
            self::assertContains($code, array_column((array) $problem['problems'], 'code'), $typed);
        }
    }

    /**
     * @param array<mixed> $view
     *
     * @return array<string, string> when they begin, by job
     */
    private static function jobs(array $view): array
    {
        /** @var list<array{id: string, from: string}> $jobs */
        $jobs = self::in($view, 'adaptation.wholeDay.jobs');

        return array_column($jobs, 'from', 'id');
    }
}
