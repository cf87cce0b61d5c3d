<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\Change\OtherSides;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\Schedule\Caught;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Explain\Term;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/** The sample household's working day: away until twenty past five, dinner at seven. */
final class PlanDayTest extends TestCase
{
    public function testBraiseAndSidesShareOneKitchenUntilDinner(): void
    {
        $day = self::plan(['mash', 'steamed-greens', 'warm-loaf']);

        self::assertTrue($day->possible);
        self::assertTrue($day->optimal);
        $codes = array_map(static fn (Placed $p): string => $p->job->code, $day->placed);
        foreach (['brown-meat', 'load', 'fork-test', 'lift-out', 'peel', 'mash', 'steam', 'warm', 'plate'] as $code) {
            self::assertContains($code, $codes);
        }
        self::assertNoClash($day, 1);
        foreach ($day->placed as $placed) {
            self::assertTrue(!$placed->job->hands || Days::working()->isFree($placed->from, $placed->to), $placed->job->id);
        }
    }

    public function testTooManyHandsAtOnceSaysWhichWishesAndEveryWayOutWorks(): void
    {
        $sides = ['pasta', 'egg-noodles', 'toasted-rolls', 'green-beans', 'flatbread'];
        $day = self::plan($sides);

        $wishes = Days::clashing($day);
        self::assertContains('hands', $wishes);
        $times = array_map(static fn (Placed $p): \DateTimeImmutable => $p->from, $day->placed);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times, 'the braise alone, in order');
        $ways = Days::ways($day);
        self::assertNotSame([], $ways);
        self::assertLessThanOrEqual(4, \count($ways));
        foreach ($ways as $way) {
            self::assertTrue(self::taking($way, $sides)->possible, $way->code);
        }
        $clashing = array_map(
            static fn (string $w): string => substr($w, 5),
            array_filter($wishes, static fn (string $w): bool => str_starts_with($w, 'side:')),
        );
        self::assertFalse(self::plan(array_values($clashing))->possible);
        foreach ($clashing as $one) {
            self::assertTrue(self::plan(array_values(array_diff($clashing, [$one])))->possible, "without $one the rest would fit");
        }
    }

    public function testOneCookDrainsTheNoodlesWhenTheSauceIsBegunSooner(): void
    {
        $home = new Presence([], '22:45', '05:00');
        $alone = self::plan([], presence: $home)->braise->day();
        $noodles = self::plan(['egg-noodles'], presence: $home);
        $chosen = $noodles->braise->day();
        $finish = $noodles->braise->finish();

        self::assertTrue($noodles->possible);
        self::assertNoClash($noodles, 1);
        self::assertInstanceOf(DayPlan::class, $alone);
        self::assertInstanceOf(DayPlan::class, $chosen);
        self::assertLessThan($alone->at(TaskKind::Sauce)?->at, $chosen->at(TaskKind::Sauce)?->at);
        self::assertLessThan($alone->switchOn, $chosen->switchOn);
        self::assertContains('sauce-waits', array_map(static fn (Term $t): string => $t->code, $finish->terms));
        self::assertEqualsWithDelta($finish->total, array_sum(array_map(static fn (Term $t): float => $t->value, $finish->terms)), 1e-9);
    }

    public function testAJobThatTheCookSetsIsKeptThereOrSaidToClash(): void
    {
        $at = Days::at('16:30');
        $presence = new Presence([], '22:45', '05:00');
        $kept = self::plan(['slaw'], presence: $presence, pins: ['slaw-0' => $at]);
        $starts = [];
        foreach ($kept->placed as $placed) {
            $starts[$placed->job->id] = $placed->from;
        }
        self::assertTrue($kept->possible);
        self::assertEquals($at, $starts['slaw-0']);

        $refused = self::plan(['mash', 'slaw'], presence: $presence, pins: ['mash-2' => $at, 'slaw-0' => $at]);
        self::assertTrue($refused->possible);
        self::assertSame(['mash-2' => 'too-early'], $refused->refused);
        self::assertContainsEquals($at, array_map(static fn (Placed $p): \DateTimeImmutable => $p->from, $refused->placed));
    }

    public function testVegetablesCutTheEveningBeforeMakeTheMorningShorter(): void
    {
        $morning = self::plan([], presence: Days::home('05:30'));
        $evening = self::plan([], new Handling(cutsTheNightBefore: true));
        $cut = static fn (WholeDay $d): array => array_values(array_filter(
            $d->placed, static fn (Placed $p): bool => \in_array($p->job->code, ['cut-vegetables', 'cut-ahead'], true),
        ));

        self::assertSame('2026-11-26', $cut($morning)[0]->from->format('Y-m-d'));
        self::assertSame('2026-11-25', $cut($evening)[0]->from->format('Y-m-d'));
        self::assertLessThan('22:46', $cut($evening)[0]->to->format('H:i'));
    }

    public function testDriedBeansAreSoakedTheEveningBeforeAndBoiledBeforeLoading(): void
    {
        $day = self::plan([], lines: ['250 g dried haricot beans', '2 onions', '700 ml beef stock'], serve: Days::at('19:30'));
        $of = [];
        foreach ($day->placed as $placed) {
            $of[$placed->job->code] = $placed;
        }
        self::assertSame('2026-11-25', $of['soak-beans']->from->format('Y-m-d'));
        self::assertLessThanOrEqual($of['load']->from, $of['boil-beans']->to);
        self::assertEquals($of['beans-on']->to, $of['boil-beans']->from);
        self::assertEqualsWithDelta(30 * 60, $of['boil-beans']->to->getTimestamp() - $of['boil-beans']->from->getTimestamp(), 0);
        self::assertGreaterThan(Days::at('20:30')->modify('-1 minute'), $of['portion']->from);
        self::assertLessThanOrEqual(Days::at('21:30'), $of['into-fridge']->to);
    }

    public function testBeansAreSoakedEightToSixteenHoursWheneverThePotGoesOn(): void
    {
        foreach (['2026-11-26 19:30', '2026-11-27 13:00', '2026-11-27 07:30'] as $serve) {
            $day = self::plan(
                [], lines: ['250 g dried haricot beans', '2 onions', '700 ml beef stock'],
                serve: Days::at(substr($serve, 11), substr($serve, 0, 10)), presence: Days::home('05:00'),
            );
            $of = [];
            foreach ($day->placed as $placed) {
                $of[$placed->job->code] = $placed;
            }
            $on = $day->braise->day() instanceof DayPlan ? $day->braise->day()->switchOn->getTimestamp() : 0;
            $soaked = ($on - $of['soak-beans']->to->getTimestamp()) / 3600;
            self::assertGreaterThanOrEqual(8.0, $soaked, $serve);
            self::assertLessThanOrEqual(16.0, $soaked, $serve);
        }
    }

    public function testWhatGoesInLateWhileNobodyIsThereIsCaught(): void
    {
        $late = self::plan(
            [], lines: ['2 onions', '200 g kale', '250 ml beef stock'],
            presence: new Presence([new Interval(Days::at('08:10'), Days::at('18:38'))], '22:45', '06:15'),
        );
        $foods = array_map(static fn (Caught $c): string => $c->what, $late->caught);

        self::assertContains('kale', $foods);
        self::assertNotContains('add-food', array_map(static fn (Placed $p): string => $p->job->code, $late->placed));
    }

    private static function assertNoClash(WholeDay $day, int $persons): void
    {
        foreach ($day->placed as $one) {
            $hands = array_filter(
                $day->placed, static fn (Placed $p): bool => $p->job->hands && $p->from <= $one->from && $one->from < $p->to,
            );
            self::assertLessThanOrEqual($persons, \count($hands), $one->from->format('H:i'));
        }
    }

    /** @param list<string> $sides */
    private static function taking(WayOut $way, array $sides): WholeDay
    {
        $people = People::alone(Days::working());
        $braise = Days::braise(new Kitchen('more-hands' === $way->code ? $people->andHelpers((int) $way->variables['count']) : $people));
        foreach ($way->changes as $change) {
            $sides = $change instanceof OtherSides ? [...array_diff($sides, $change->without), ...$change->with] : $sides;
        }

        return Days::plan((new AdaptBraise())->adapt($way->of($braise->order)), $sides) ?? throw new \LogicException('no plan');
    }

    /**
     * @param list<string>                      $sides
     * @param list<string>                      $lines
     * @param array<string, \DateTimeImmutable> $pins
     */
    private static function plan(
        array $sides, Handling $handling = new Handling(), array $lines = Days::LINES, ?Presence $presence = null, ?People $people = null,
        ?\DateTimeImmutable $serve = null, array $pins = [],
    ): WholeDay {
        $kitchen = new Kitchen($people ?? People::alone($presence ?? Days::working()));
        $day = Days::plan(Days::braise($kitchen, $handling, $lines, $serve), $sides, $pins);
        self::assertNotNull($day);

        return $day;
    }
}
