<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\Explain\PotInTime;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The pot that is replayed begins and ends as the one that is told. */
final class PotInTimeTest extends TestCase
{
    #[DataProviderExternal(Dishes::class, 'names')]
    public function testItBeginsAsLoadedAndStandsAsTheSauceIsReckonedWhenTheMeatIsDone(string $name): void
    {
        $braise = Dishes::adapted($name);
        foreach ($braise->outcomes as $outcome) {
            $rows = PotInTime::of($outcome, 3);
            $depth = $braise->order->cooker->depth()->metres;
            self::assertEqualsWithDelta($outcome->filling->levels[0] * $depth, $rows[0]->level, 1e-4);
            $likely = $outcome->windows[$braise->order->wishes->texture->value]->likely;
            $there = array_values(array_filter($rows, static fn (PotInTime $r): bool => $r->hour >= ($likely ?? \INF)));
            if ([] !== $there && [] === $braise->order->handling->lidLifts) {
                self::assertEqualsWithDelta(max(0.0, $outcome->filling->levels[1]) * $depth, $there[0]->level, 0.012, $name);
            }
            foreach ($rows as $k => $row) {
                self::assertGreaterThanOrEqual(0.0, $row->level);
                self::assertGreaterThan($rows[$k - 1]->hour ?? -1.0, $row->hour);
            }
        }
    }
}
