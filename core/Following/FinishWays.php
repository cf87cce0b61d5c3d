<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Side;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\Rescue;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Ingredient;

/** The ways to close a sauce, side by side, each followed to the plate as it would be if it were taken. */
final readonly class FinishWays
{
    /** Chores whose minutes are the sauce's. */
    private const OF_THE_SAUCE = ['reduce', 'slurry', 'blend-sauce', 'glaze', 'cream-in'];
    /** A change of less than this share of the sauce is none. */
    private const LEAST_CHANGE = 0.05;
    private const LEAST_STARCH_GRAMS = 1.0;
    /** Of vegetables. */
    private const WORTH_BLENDING = 100.0;

    public function __construct(private AfterOn $after)
    {
    }

    /**
     * @param float                             $left   mL seen in the pot, fat skimmed off
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins   by job
     * @param list<OtherPot>                    $others
     *
     * @return list<FinishWay> as planned first, then the others by what they are
     */
    public function of(
        BraiseOrder $order, RunningCook $cook, array $sides, array $pins, array $others, Ticks $ticks, \DateTimeImmutable $now,
        float $left, Thickness $wanted, Thickener $thickener,
    ): array {
        $ways = [];
        foreach (self::closings($left, $wanted, $thickener) as $closing) {
            $underway = $this->after->follow($order, $cook->closing($closing), $sides, $pins, $others, $ticks, $now);
            $way = self::way($order, $closing, $underway->whole->braise->chosen, $underway, $now);
            if ([] === array_filter($ways, static fn (FinishWay $w): bool => $w->closing->asPlanned && self::isSame($w, $way))) {
                $ways[] = $way;
            }
        }

        return $ways;
    }

    /** What is planned anyway is told once. */
    private static function isSame(FinishWay $planned, FinishWay $way): bool
    {
        return $way->state->canBe() && $planned->blends === $way->blends
            && $planned->slurry?->thickener === $way->slurry?->thickener
            && abs($planned->boilsOff - $way->boilsOff) < 1 && abs(($planned->slurry->grams ?? 0.0) - ($way->slurry->grams ?? 0.0)) < 0.5
            && abs($planned->minutes - $way->minutes) < 0.5;
    }

    /** @return list<Closing> */
    private static function closings(float $left, Thickness $wanted, Thickener $thickener): array
    {
        $starch = Thickener::Flour === $thickener ? Thickener::CornStarch : $thickener;

        return [
            new Closing($left, null, $wanted, $thickener, true),
            new Closing($left, ThickenedBy::Starch, $wanted, $thickener),
            new Closing($left, ThickenedBy::BoilingDown, $wanted, $starch),
            new Closing($left, ThickenedBy::FlourAndButter, $wanted, Thickener::Flour),
            new Closing($left, ThickenedBy::Blending, $wanted, $starch),
            new Closing($left, null, Thickness::Stock, $starch),
        ];
    }

    private static function way(
        BraiseOrder $order, Closing $closing, Outcome $outcome, Underway $underway, \DateTimeImmutable $now,
    ): FinishWay {
        $day = $underway->whole->braise->day();
        $sauce = $outcome->sauce;
        $vegetables = array_sum(array_map(
            static fn (Ingredient $i): float => Role::Vegetable === $i->role ? (float) $i->grams : 0.0, $order->potIngredients(),
        ));
        $blends = ThickenedBy::Blending === $closing->by ? $vegetables : 0.0;
        $slurry = $outcome->slurry->grams >= self::LEAST_STARCH_GRAMS ? $outcome->slurry : null;
        $leaves = $sauce->left() + ($slurry->coldMillilitres ?? 0.0);

        return new FinishWay(
            $closing, $slurry, $sauce->reduce, $blends, $leaves,
            array_sum(array_map(static fn (Chore $c): float => $c->term->value ?? 0.0, self::ofTheSauce($outcome))),
            $outcome->salt->percentOf($sauce, $leaves),
            $day instanceof DayPlan ? $day->serve : $now, self::state($order, $closing, $outcome, $vegetables, $underway->whole->possible),
            match (true) {
                $blends > 0 => new Sum('blended', 'g', [
                    new Term('of-vegetables', Rescue::blended($blends), ['grams' => $blends, 'sauceGrams' => $sauce->left()]),
                ]),
                null !== $slurry => $slurry->sum,
                default => $sauce->atEnd,
            },
        );
    }

    /** @return list<Chore> */
    public static function ofTheSauce(Outcome $outcome): array
    {
        return array_values(array_filter(
            $outcome->work->in(Stage::Finish), static fn (Chore $c): bool => \in_array($c->code, self::OF_THE_SAUCE, true),
        ));
    }

    private static function state(
        BraiseOrder $order, Closing $closing, Outcome $outcome, float $vegetables, bool $possible,
    ): FinishState {
        $sauce = $outcome->sauce;

        return match (true) {
            $closing->asPlanned, null === $closing->by => FinishState::Open,
            $closing->boilsDown() && 0 === $order->kitchen->rings => FinishState::NoPan,
            !$possible => FinishState::NoTime,
            ThickenedBy::Blending === $closing->by => $vegetables < self::WORTH_BLENDING ? FinishState::NothingToBlend : FinishState::Open,
            Thickness::Stock === $closing->thickness => FinishState::Enough,
            $closing->boilsDown() => match (true) {
                $sauce->tooSalty > 1 => FinishState::TooSalty,
                $sauce->reduce < self::LEAST_CHANGE * $closing->left => FinishState::Enough,
                default => FinishState::Open,
            },
            default => $outcome->slurry->grams < self::LEAST_STARCH_GRAMS ? FinishState::Enough : FinishState::Open,
        };
    }
}
