<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;
use PHPUnit\Framework\TestCase;

/**
 * A day that exists is found, and what is found can be done. On random days of all kinds; PAUSIS_DAYS says how many.
 */
final class DaysThatExistTest extends TestCase
{
    private const DAYS = 100;
    private const PINNED_DAYS = 12;
    private const SHIFTED_DAYS = 60;

    public function testRefusedIsExactlyWhatTheReferenceRefuses(): void
    {
        $random = new RandomDays();
        $given = $refused = 0;
        for ($number = 0; $number < self::days(self::DAYS); ++$number) {
            [$braise, $sides, $reserved] = $random->day($number);
            $day = self::plan($braise, $sides, [], $reserved);
            $possible = true === $day?->possible;
            self::assertSame(ExactReference::exists($braise, $sides, $reserved), $possible, "Day $number.");
            if (true === $day?->possible) {
                SoundDay::check($day, $braise->order->kitchen, $reserved, "Day $number:");
            }
            $possible ? ++$given : ++$refused;
        }

        self::assertGreaterThan(0.25 * self::days(self::DAYS), $given);
        self::assertGreaterThan(0.25 * self::days(self::DAYS), $refused);
    }

    public function testAPinAtAJobsOwnTimeIsKept(): void
    {
        $random = new RandomDays();
        $looked = 0;
        for ($number = 0; $looked < self::PINNED_DAYS; ++$number) {
            [$braise, $sides, $reserved] = $random->day($number);
            $day = self::plan($braise, $sides, [], $reserved);
            foreach (true === $day?->possible ? $day->placed : [] as $placed) {
                $pinned = self::plan($braise, $sides, [$placed->job->id => $placed->from], $reserved);
                self::assertSame([], $pinned?->refused, "Day $number: {$placed->job->id} at {$placed->from->format('H:i')}.");
            }
            $looked += true === $day?->possible ? 1 : 0;
        }
    }

    public function testDinnerFiveMinutesLaterMovesHardlyAnythingElse(): void
    {
        $random = new RandomDays();
        $adapt = new AdaptBraise(new Evaluation(new KeptInMemory()));
        $moved = $stayed = 0;
        for ($number = 0; $number < self::days(self::SHIFTED_DAYS); ++$number) {
            [$braise, $sides, $reserved] = $random->day($number);
            $later = $adapt->adapt($braise->order->servedAt($braise->order->serveAt->modify('+5 minutes')));
            [$day, $other] = [self::plan($braise, $sides, [], $reserved), self::plan($later, $sides, [], $reserved)];
            if (true !== $day?->possible || true !== $other?->possible) {
                continue;
            }
            $times = array_combine(array_map(self::id(...), $day->placed), array_map(self::begins(...), $day->placed));
            foreach ($other->placed as $placed) {
                $by = (self::begins($placed) - ($times[self::id($placed)] ?? self::begins($placed) - 5));
                abs($by - 5) > 10 ? ++$moved : ++$stayed;
            }
        }

        self::assertLessThan(0.05 * ($moved + $stayed), $moved);
    }

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<Placed>                      $reserved
     */
    private static function plan(AdaptedBraise $braise, array $sides, array $pins, array $reserved): ?WholeDay
    {
        $others = array_map(
            static fn (Placed $p): OtherPot => new OtherPot('Jam', false, new Interval($p->from, $p->to), [$p]), $reserved,
        );

        return (new PlanDay())->plan($braise, $sides, $pins, $others);
    }

    private static function id(Placed $placed): string
    {
        return $placed->job->id;
    }

    private static function begins(Placed $placed): int
    {
        return intdiv($placed->from->getTimestamp(), 60);
    }

    private static function days(int $usual): int
    {
        $wanted = getenv('PAUSIS_DAYS');

        return false === $wanted ? $usual : max(1, (int) $wanted);
    }
}
