<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Heat\Internal;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Internal\Segment;
use Pausis\Core\Heat\Internal\Timeline;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class TimelineTest extends TestCase
{
    public function testSegmentsFollowEachOtherWithoutGaps(): void
    {
        $segments = $this->segments();

        self::assertSame(0.0, $segments[0]->from);
        self::assertSame(6 * 3600.0, $segments[\count($segments) - 1]->to);
        foreach (\array_slice($segments, 1) as $k => $segment) {
            self::assertSame($segments[$k]->to, $segment->from);
            self::assertGreaterThan($segment->from, $segment->to);
            self::assertLessThanOrEqual(3600.0, $segment->to - $segment->from);
        }
    }

    public function testEachSegmentKnowsWhatHoldsInIt(): void
    {
        self::assertSame(Setting::High, $this->at(0.5)->setting);
        self::assertSame(Setting::Low, $this->at(1.5)->setting);
        self::assertTrue($this->at(2.01)->lidOpen);
        self::assertTrue($this->at(2.01)->lidLifted);
        self::assertFalse($this->at(2.2)->lidOpen);
        self::assertTrue($this->at(3.2)->powerCut);
        self::assertFalse($this->at(3.6)->powerCut);
        self::assertCount(1, $this->at(4.3)->added);
        self::assertCount(0, $this->at(4.1)->added);
    }

    public function testALiftIsCountedOnceThoughAnotherEventCutsIt(): void
    {
        $segments = Timeline::of(
            Cooks::on(Setting::Low), [Cooks::lift(1, 10), new PowerCut(Duration::hours(1.05), Duration::minutes(2))], 7200,
        );

        self::assertCount(1, array_filter($segments, static fn (Segment $s): bool => $s->lidLifted));
        self::assertEqualsWithDelta(
            600, array_sum(array_map(static fn (Segment $s): float => $s->lidOpen ? $s->to - $s->from : 0.0, $segments)), 1e-6,
        );
    }

    public function testWatchedMomentsBeginASegment(): void
    {
        $starts = array_map(static fn (Segment $s): float => $s->from, Timeline::of(Cooks::on(Setting::Low), [], 7200, [1234.5]));

        self::assertContains(1234.5, $starts);
    }

    private function at(float $hour): Segment
    {
        foreach ($this->segments() as $segment) {
            if ($segment->from <= $hour * 3600 && $hour * 3600 < $segment->to) {
                return $segment;
            }
        }
        self::fail("Nothing at $hour h.");
    }

    /** @return list<Segment> */
    private function segments(): array
    {
        return Timeline::of(
            Program::of([new SettingChange(Duration::hours(0), Setting::High), new SettingChange(Duration::hours(1.25), Setting::Low)]),
            [
                Cooks::lift(2, 6),
                new PowerCut(Duration::hours(3), Duration::minutes(30)),
                new LateAddition(Duration::hours(4.25), new Content(Mass::kilograms(0.2), 3900, Temperature::celsius(8))),
            ],
            6 * 3600,
        );
    }
}
