<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Meat;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Change\ThawedFirst;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Meat\Thawing;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Severity;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Meat from the freezer is put into the fridge in time, or isn't cooked. */
final class ThawingTest extends TestCase
{
    /** A day for each 2 kg of the heaviest piece; small pieces overnight. */
    #[TestWith([2.0, 1, 24.0])]
    #[TestWith([3.0, 1, 36.0])]
    #[TestWith([3.0, 2, 18.0])]
    #[TestWith([1.0, 20, 12.0])]
    public function testItTakesAsLongAsItsHeaviestPiece(float $kilograms, int $pieces, float $hours): void
    {
        self::assertSame($hours, Thawing::of(new Meats(Cooks::joint('beef-chuck', $kilograms, $pieces)))->inHours());
    }

    public function testFlatPiecesTakeLess(): void
    {
        $thick = Thawing::of(new Meats(Cooks::joint('beef-chuck', 3.2, 2, 8.0)))->inHours();
        $flat = Thawing::of(new Meats(Cooks::joint('beef-chuck', 3.2, 2, 4.0)))->inHours();

        self::assertEqualsWithDelta(0.75, $flat / $thick, 0.001);
    }

    public function testItGoesIntoTheFridgeThatLongBeforeItsWork(): void
    {
        $day = Days::plan(self::frozen('2026-11-24'));

        $thaw = Days::jobs($day)['thaw'] ?? null;
        self::assertNotNull($thaw);
        $first = Days::jobs($day)['brown-meat'] ?? Days::jobs($day)['load'];
        $hours = ($first->from->getTimestamp() - $thaw->to->getTimestamp()) / 3600;
        self::assertGreaterThanOrEqual(15.6, $hours, '1.3 kg');
        self::assertLessThan(40, $hours);
        self::assertNotNull($thaw->person, 'somebody is there');
        self::assertSame(['thaws-first' => Severity::Note], array_intersect_key(self::rules($day->braise ?? null), ['thaws-first' => 1]));
    }

    public function testWhereThereIsNoTimeItIsRefused(): void
    {
        $braise = self::frozen('2026-11-25');

        self::assertSame(Severity::Refuse, self::rules($braise)['no-time-to-thaw'] ?? null);
        self::assertSame(['evening-thaw'], array_column(Days::plan($braise)->caught ?? [], 'code'));
    }

    public function testUntilThenItIsFrozen(): void
    {
        $frozen = (new Beforehand(true))->thawing();

        self::assertTrue($frozen->frozen && $frozen->thaws);
        self::assertTrue($frozen->asItIs(false)->frozen);
        self::assertFalse($frozen->asItIs(false)->thaws, 'the pot knows of no plan');
        self::assertFalse($frozen->asItIs(true)->frozen);
        self::assertFalse((new Beforehand())->thawing()->thaws, 'what was never frozen has nothing to thaw');
    }

    public function testItIsOfferedWhereFrozenMeatIsRefused(): void
    {
        $order = Days::braise(now: Days::at('18:40', '2026-11-23'))->order;
        $braise = (new AdaptBraise())->adapt($order->after(new Beforehand(true)));

        self::assertSame(Severity::Refuse, self::rules($braise)['frozen-in-recipe'] ?? null);
        $way = $braise->remedies['frozen-in-recipe'];
        self::assertInstanceOf(ThawedFirst::class, $way->changes[0]);
        self::assertNull((new AdaptBraise())->adapt($way->of($braise->order))->forbidden());
    }

    private static function frozen(string $today): AdaptedBraise
    {
        $order = Days::braise(now: Days::at('18:40', $today))->order;

        return (new AdaptBraise())->adapt($order->after((new Beforehand(true))->thawing()));
    }

    /** @return array<string, Severity> */
    private static function rules(?AdaptedBraise $braise): array
    {
        return array_column(array_map(
            static fn (Finding $f): array => ['rule' => $f->rule, 'severity' => $f->severity], $braise->findings ?? [],
        ), 'severity', 'rule');
    }
}
