<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Simulated cooks follow plans from the first job to the fridge; at every event, a minute before and after it and at moments by lot all
 * views tell one story. PAUSIS_FOLLOWED sets how many days beside the two; none unless it is set. PAUSIS_STRANGERS names recipes of
 * tests/Core/Adaptation/recipes that are followed too, from the midday before.
 *
 * @phpstan-type Cook array{late: int, ticks: bool, truth: float}
 */
final class FollowTest extends ApiTestCase
{
    private const SEED = 20261201;
    private const DISHES = ['lamb-shanks', 'pork-perry', 'venison-barley'];
    private const FORK = ['resists' => 0.85, 'gives' => 1.0, 'slides-in' => 1.3];
    private const MOST_FORKS = 6;

    /** @return iterable<string, array{string, int, bool, int}> dish, minutes late at most, whether jobs are ticked, seed */
    public static function days(): iterable
    {
        yield 'punctual' => ['lamb-shanks', 0, true, 1];
        yield 'forgetful and late by some minutes, another dish' => ['venison-barley', 20, false, 2];
        foreach (explode(',', (string) getenv('PAUSIS_STRANGERS')) as $k => $stranger) {
            '' === $stranger || yield "a stranger’s $stranger" => [$stranger, 0, true, 20 + $k];
        }
        $asked = $_SERVER['PAUSIS_FOLLOWED'] ?? '';
        for ($k = 0; $k < (is_numeric($asked) ? (int) $asked : 0); ++$k) {
            yield "by lot $k" => [self::DISHES[$k % 3], [0, 0, 10, 20][intdiv($k, 3) % 4], 0 === $k % 2, 10 + $k];
        }
    }

    #[DataProvider('days')]
    public function testOneStoryFromTheFirstJobToTheFridge(string $dish, int $late, bool $ticks, int $seed): void
    {
        mt_srand(self::SEED + $seed);
        $id = $this->planned($dish);
        $plan = $this->call('GET', "/api/braises/$id");
        $verdict = self::text($plan, 'adaptation.verdict');
        self::assertStringStartsWith('In by', $verdict);
        $jobs = self::jobs($plan);
        $before = array_filter($jobs, static fn (array $j): bool => $j['from'] < self::on($plan));
        $this->at(min([\PHP_INT_MAX, ...array_column($before, 'from')]) - 60);
        $this->check($id, $verdict);
        foreach ($before as $job) {
            $this->at($job['from'] + 60);
            $this->check($id, 0 === $late ? $verdict : null);
            $this->at($job['to'] + 60 * mt_rand(0, $late));
            if ($ticks && 'load' !== $job['id']) {
                $this->call('POST', "/api/braises/$id/ticks", ['job' => $job['id']]);
                $this->check($id, 0 === $late ? $verdict : null);
            }
        }
        $this->cooked($id, $ticks, $plan, $late);
    }

    /** @param array<array-key, mixed> $plan */
    private function cooked(string $id, bool $ticks, array $plan, int $late): void
    {
        $now = $this->call('GET', "/api/braises/$id");
        $on = max(self::on(null === $now['adaptation'] ? $plan : $now), $this->now()) + 120;
        $this->at($on);
        $cook = $this->call('POST', "/api/braises/$id/cook", ['at' => '', 'setting' => ''], 201);
        $path = '/api/cooks/'.self::text($cook, 'id');
        self::assertSame(self::setting($plan), $late > 0 ? self::setting($plan) : $cook['program'], 'the setting that was planned');
        $ready = $on + 3600 * $this->readyHours($plan);
        for ($k = 0, $answer = ''; $k < self::MOST_FORKS && !\in_array($answer, ['slides-in', 'falls-apart'], true); ++$k) {
            $tests = array_filter(self::jobs($this->call('GET', "/api/braises/$id")),
                static fn (array $j): bool => 'fork-test' === $j['id']);
            $due = [] === $tests ? $this->now() + 1800 : max($this->now() + 60, array_values($tests)[0]['from']);
            $this->at($this->now() + mt_rand(0, max(0, $due - $this->now())));
            $this->check($id, null);
            $this->at($due);
            $this->check($id, null);
            $share = ($this->now() - $on) / ($ready - $on);
            $answer = array_keys(array_filter(self::FORK, static fn (float $most): bool => $share < $most))[0] ?? 'falls-apart';
            $this->call('POST', "$path/fork-tests", ['answer' => $answer]);
            $this->check($id, null);
        }
        $this->plated($id, $path, $ticks);
    }

    private function plated(string $id, string $path, bool $ticks): void
    {
        for ($k = 0; $k < 40; ++$k) {
            $left = array_values(array_filter(
                self::jobs($this->call('GET', "/api/braises/$id")), static fn (array $j): bool => 'done' !== $j['state']
                    && 'due' !== $j['state'],
            ));
            $next = $left[0] ?? null;
            if (null === $next || 'portion' === $next['id']) {
                break;
            }
            $this->at(max($this->now(), $next['from']));
            $this->check($id, null);
            $this->at(max($this->now(), $next['to']));
            $finishes = \in_array($next['id'], ['lift-out', 'take-out', 'strain-and-skim', 'reduce', 'slurry', 'shred-meat', 'plate'],
                true);
            if ($ticks || $finishes || $next['to'] < $this->now()) {
                $this->call('POST', "/api/braises/$id/ticks", ['job' => $next['id']]);
            }
            $this->check($id, null);
        }
        $eaten = $this->call('POST', "$path/eaten", ['at' => '']);
        self::assertSame('eaten', self::in($eaten, 'followed.state'));
        $this->call('POST', "$path/close", ['servedAt' => '', 'note' => '']);
        self::assertSame(['portion', 'into-fridge'], $this->putAway(), 'still to be put away');
        $this->call('POST', "/api/braises/$id/ticks", ['job' => 'portion']);
        self::assertSame(['into-fridge'], $this->putAway(), 'boxed, and not yet cold');
        $this->call('POST', "/api/braises/$id/ticks", ['job' => 'into-fridge']);
        self::assertSame([], $this->putAway());
    }

    /** @return list<string> what Today has to be put away */
    private function putAway(): array
    {
        $jobs = array_map(
            static fn (mixed $j): string => self::text((array) $j, 'job'), array_values((array) $this->call('GET', '/api/today')['jobs']),
        );

        return array_values(array_intersect($jobs, ['portion', 'into-fridge']));
    }

    /** Every view tells the same dinner, setting and jobs, and there always is a plan. */
    private function check(string $id, ?string $verdict): void
    {
        $braise = $this->call('GET', "/api/braises/$id");
        $said = self::text($braise, 'adaptation.verdict');
        $why = date('H:i', $this->now() + 3600).": $said";
        self::assertMatchesRegularExpression('/^(?:In by|On since)/', $said, $why);
        null === $verdict || self::assertSame($verdict, $said, $why);
        $serve = strtotime(self::text($braise, 'adaptation.ribbon.serve'));
        $today = $this->call('GET', '/api/today');
        $shown = [...array_values((array) $today['running']), ...array_values((array) $today['planned'])];
        $ribbon = self::ribbonOf($shown, $id);
        self::assertSame($serve, strtotime($ribbon), "$why (Today)");
        $this->client->request('GET', "/api/braises/$id/calendar.ics");
        $ics = (string) $this->client->getResponse()->getContent();
        self::assertSame(1, preg_match('/UID:[^\n]*-serve@[^\n]*\n(?:(?!END:VEVENT)[^\n]*\n)*DTSTART:(\S+)/', $ics, $m), $why);
        self::assertSame($serve, strtotime($m[1] ?? ''), "$why (calendar)");
        $left = array_filter(self::jobs($braise), static fn (array $j): bool => 'ahead' === $j['state'] && 'fork-test' !== $j['id']);
        $listed = [];
        foreach ((array) $today['jobs'] as $job) {
            // Loading isn't ticked there: it is done at the stove.
            $listed[self::text((array) $job, 'job') ?: 'load'] = strtotime(self::text((array) $job, 'at'));
        }
        foreach ($left as $job) {
            if (date('Y-m-d', $job['from']) === date('Y-m-d', $this->now()) && $job['to'] > $this->now()) {
                self::assertSame($job['from'], $listed[$job['id']] ?? null, "$why (Today: {$job['id']})");
            }
        }
    }

    /** @param list<mixed> $shown */
    private static function ribbonOf(array $shown, string $id): string
    {
        foreach ($shown as $one) {
            \assert(\is_array($one));
            if ($id === ($one['braiseId'] ?? $one['id'] ?? '')) {
                return self::text($one, 'ribbon.serve');
            }
        }
        self::fail('Today shows it.');
    }

    /**
     * @param array<array-key, mixed> $braise
     *
     * @return list<array{id: string, from: int, to: int, state: string}> in order of time
     */
    private static function jobs(array $braise): array
    {
        $jobs = [];
        foreach ((array) self::in($braise, 'adaptation.wholeDay.jobs') as $job) {
            \assert(\is_array($job));
            $jobs[] = [
                'id' => self::text($job, 'id'), 'from' => (int) strtotime(self::text($job, 'from')),
                'to' => (int) strtotime(self::text($job, 'to')), 'state' => self::text($job, 'state'),
            ];
        }

        return $jobs;
    }

    /** @param array<array-key, mixed> $braise */
    private static function on(array $braise): int
    {
        return (int) strtotime(self::text($braise, 'adaptation.ribbon.switchOn'));
    }

    /** @param array<array-key, mixed> $braise */
    private static function setting(array $braise): string
    {
        foreach ((array) self::in($braise, 'adaptation.outcomes') as $outcome) {
            if (\is_array($outcome) && true === $outcome['chosen']) {
                return self::text($outcome, 'setting');
            }
        }
        self::fail('One is chosen.');
    }

    /**
     * Of this pot, by the window that was given: log-normal between its ends.
     *
     * @param array<array-key, mixed> $plan
     */
    private function readyHours(array $plan): float
    {
        foreach ((array) self::in($plan, 'adaptation.outcomes') as $outcome) {
            if (\is_array($outcome) && true === $outcome['chosen']) {
                $window = array_values(array_filter((array) $outcome['windows'],
                    static fn (mixed $w): bool => 'fork' === ((array) $w)['level']))[0];
                \assert(\is_array($window) && is_numeric($window['likely']) && is_numeric($window['latest']));
                $sigma = log((float) $window['latest'] / (float) $window['likely']) / 1.28;
                $z = sqrt(-2 * log(mt_rand(1, 10_000) / 10_001)) * cos(2 * \M_PI * mt_rand(0, 10_000) / 10_000);

                return (float) $window['likely'] * exp($sigma * max(-1.5, min(1.2, $z)));
            }
        }
        self::fail('One is chosen.');
    }

    /** From the midday before: what is made ready in the evening is followed too. */
    private function planned(string $dish): string
    {
        $draft = $this->draft();
        $sample = \dirname(__DIR__, 2)."/app/StandIn/sample/$dish.txt";
        $text = (string) file_get_contents(is_file($sample) ? $sample : \dirname(__DIR__)."/Core/Adaptation/recipes/$dish.txt");
        $read = (array) $this->call('POST', '/api/recipes/read', ['text' => $text])['draft'];
        $this->at((int) strtotime(is_file($sample) ? '2026-11-26 20:00 Europe/Vienna' : '2026-11-26 12:00 Europe/Vienna'));
        $braise = $this->call('POST', '/api/braises', [
            ...$draft, ...$read, 'cookerId' => $draft['cookerId'], 'serveAt' => '2026-11-27T19:30', 'away' => [],
            'sides' => is_file($sample) ? ['lamb-shanks' === $dish ? 'mash' : 'rice', 'warm-loaf'] : [],
        ], 201);

        return self::text($braise, 'id');
    }
}
