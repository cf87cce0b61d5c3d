<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;

/** A whole cook, reloaded after each step, wherever the house stands and on the days on which its clocks change. */
final class ZonesTest extends ApiTestCase
{
    #[TestWith(['Europe/Vienna', '2026-11-26'])]
    #[TestWith(['America/New_York', '2026-11-26'])]
    #[TestWith(['America/Los_Angeles', '2026-11-26'])]
    #[TestWith(['Pacific/Auckland', '2026-11-26'])]
    #[TestWith(['Asia/Dubai', '2026-11-26'])]
    #[TestWith(['Asia/Tokyo', '2026-11-26'])]
    #[TestWith(['America/New_York', '2027-03-14'])]
    #[TestWith(['America/New_York', '2026-11-01'])]
    #[TestWith(['Europe/Vienna', '2027-03-28'])]
    #[TestWith(['Europe/Vienna', '2026-10-25'])]
    #[TestWith(['Pacific/Auckland', '2026-09-27'])]
    public function testACookFromTheSwitchToTheNotebook(string $zone, string $date): void
    {
        $house = self::in($this->call('GET', '/api/house'), 'draft');
        self::assertIsArray($house);
        $this->call('PUT', '/api/house', [...$house, 'timeZone' => $zone]);
        $this->clock("$date 00:20", $zone);
        $braise = $this->call(
            'POST', '/api/braises',
            [
                ...$this->draft(), 'serveAt' => "{$date}T18:30",
                'away' => [['from' => "{$date}T08:10", 'to' => "{$date}T16:00", 'who' => '', 'what' => 'away']],
            ],
            201,
        );
        $on = self::in($braise, 'adaptation.ribbon.switchOn');
        self::assertIsString($on, self::text($braise, 'adaptation.verdict'));
        $this->clock($on, $zone);
        $cook = '/api/cooks/'.self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '', 'setting' => ''], 201), 'id',
        );
        $started = $this->reloaded($cook);
        self::assertSame(
            (new \DateTimeImmutable($on))->setTimezone(new \DateTimeZone($zone))->format('H:i'),
            substr(self::text($started, 'switchedOn'), -5),
        );
        self::assertStringEndsWith('18:30, as planned.', self::text($started, 'headline'));
        $test = self::timeOf($started, 'fork-test');
        self::assertSame($date, (new \DateTimeImmutable($test))->setTimezone(new \DateTimeZone($zone))->format('Y-m-d'));
        $hour = (int) (new \DateTimeImmutable($test))->setTimezone(new \DateTimeZone($zone))->format('G');
        self::assertTrue($hour >= 6 && $hour <= 18, "tested when somebody is awake: $test");

        $this->clock($test, $zone, 45);
        $waiting = $this->reloaded($cook);
        self::assertSame('fork-test', self::in($waiting, 'next.kind'), 'a test that was not taken stays first');
        $this->call('POST', "$cook/fork-tests", ['answer' => 'resists', 'at' => '']);
        $again = $this->reloaded($cook);
        self::assertGreaterThan($test, self::timeOf($again, 'fork-test'));

        $this->clock(self::timeOf($again, 'fork-test'), $zone);
        $this->call('POST', "$cook/fork-tests", ['answer' => 'slides-in', 'at' => '']);
        $ready = $this->reloaded($cook);
        self::assertStringStartsWith('Ready now.', self::text($ready, 'readiness'));
        self::assertSame('sauce', self::in($ready, 'next.kind'));
        $this->call('POST', "$cook/begin", []);
        $begun = $this->reloaded($cook);
        self::assertTrue($begun['begun']);
        $this->call('POST', "$cook/sauce", [
            'left' => '600 ml', 'thickness' => 'gravy', 'thickener' => 'flour', 'way' => 'as-planned',
        ]);
        self::assertSame(self::text($begun, 'headline'), self::text($this->reloaded($cook), 'headline'), 'measuring moves nothing');
        $this->call('POST', "$cook/close", ['servedAt' => '', 'note' => '']);
        self::assertTrue($this->reloaded($cook)['closed']);
    }

    public function testHalfPastEightSaidAfterMidnightIsYesterdays(): void
    {
        $this->clock('2026-11-27 00:40', 'Europe/Vienna');
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-27T08:00', 'away' => []], 201);
        $cook = $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '20:30', 'setting' => 'low'], 201);

        self::assertSame('Thu 20:30', self::text($cook, 'switchedOn'));
        self::assertSame('4 h 10', self::text($cook, 'sinceOn'));
    }

    /** @return array<array-key, mixed> */
    private function reloaded(string $cook): array
    {
        return $this->call('GET', $cook);
    }

    /** @param array<array-key, mixed> $cook */
    private static function timeOf(array $cook, string $kind): string
    {
        $at = array_column((array) $cook['tasks'], 'at', 'kind')[$kind] ?? null;
        self::assertIsString($at, "$kind in ".json_encode($cook['tasks']));

        return $at;
    }

    private function clock(string $local, string $zone, int $minutesLater = 0): void
    {
        $this->at((new \DateTimeImmutable($local, new \DateTimeZone($zone)))->modify("+$minutesLater minutes")->getTimestamp());
    }
}
