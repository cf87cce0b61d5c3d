<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Choice;
use Pausis\App\Api\Wire\FinishView;
use Pausis\App\Api\Wire\FinishWayView;
use Pausis\App\Api\Wire\LaneJob;
use Pausis\App\Api\Wire\LaneView;
use Pausis\App\Api\Wire\TroubleView;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\CookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Finish\Remedies;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Finish\Trouble;
use Pausis\Core\Following\FinishWay;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\TypedQuantity;

/** The sauce of a pot that is being finished, and the ways to close it side by side. */
final readonly class FinishPresenter
{
    /** What may lie behind the first jobs that are shown. */
    private const SHOWN_BEFORE = '-15 minutes';

    public function __construct(private FollowBraise $follow, private Wording $wording, private House $house, private DayPresenter $days)
    {
    }

    /**
     * @param string     $left      as typed; empty for what was said last, or what is thought
     * @param float|null $level     in its place, the share of the insert's depth at which it stands
     * @param string     $thickness wanted; empty for what was said last
     */
    public function present(CookRecord $cook, string $left, ?float $level, string $thickness, string $thickener): FinishView
    {
        $measures = $this->house->measures();
        $now = $this->house->now();
        $worked = $this->follow->cooking($cook);
        $order = $worked->braise()->order;
        $said = $cook->last('sauce');
        $lifted = self::isLifted($cook);
        $geometry = $worked->braise()->chosen->filling->geometry;
        $thought = $worked->braise()->chosen->sauce->atEnd->total - $worked->braise()->chosen->sauce->more;
        $depth = $order->cooker->depth()->metres;
        $problems = new Problems();
        $millilitres = match (true) {
            null !== $level => self::standing($geometry, $lifted)(max(0.0, min(1.0, $level)) * $depth),
            '' !== $left => $this->typed($left, $geometry, $lifted, $problems),
            null !== $said => $order->closing->left ?? (float) $said['value'],
            default => $thought,
        };
        $problems->throwIfAny();
        $millilitres = max(0.0, (float) $millilitres);
        $wanted = Thickness::tryFrom($thickness) ?? Thickness::tryFrom($said['thickness'] ?? '') ?? $order->wishes->thickness
            ?? Thickness::CoatsSpoon;
        $with = Thickener::tryFrom($thickener) ?? Thickener::tryFrom($said['thickener'] ?? '')
            ?? SauceBody::of($order, 0.0)->thickener;
        $ways = $this->follow->finishes($cook, $millilitres, $wanted, $with);
        $stands = $lifted ? $geometry->levelWithoutMeat($millilitres) : $geometry->level($millilitres);
        $day = $worked->braise()->day();
        $serve = $day instanceof DayPlan ? $day->serve : $order->serveAt;
        $missing = $worked->braise()->chosen->salt->toTaste($worked->braise()->chosen->sauce, $order->wishes->saltAimPercent);

        return new FinishView(
            $measures->volume($millilitres),
            $this->wording->say('finish.stands', $measures, [
                'highCm' => 100 * $stands, 'thoughtMl' => $thought, 'lifted' => $lifted ? 'yes' : 'no',
                'seen' => abs($thought - $millilitres) < 0.02 * max(1.0, $thought) ? 'no' : 'yes',
            ]),
            $stands / $depth, $depth, $lifted,
            Thickness::of($order->thickenedAlready() / max(1.0, $millilitres))->value,
            $wanted->value, $with->value,
            array_map(fn (FinishWay $w): FinishWayView => $this->way($w, $worked, $serve, $measures, $now), $ways),
            $missing < 0.5 ? '' : $this->wording->say('finish.salt', $measures, [
                'grams' => $missing, 'spoons' => $missing / AdaptationPresenter::SALT_A_TEASPOON,
            ]),
            $this->lanes($worked, $now, $measures), $this->from($worked, $now)->format(\DATE_ATOM), $now->format(\DATE_ATOM),
            $serve->format(\DATE_ATOM), $measures->clock($serve, $now),
            $this->troubles(new Remedies(
                $millilitres, $ways[0]->saltPercent / 100, $thought,
                MeatJuice::renderedFat($order->meat->all(), $order->meat->joint->needHours)->inGrams(), $missing, $wanted, $with,
            ), $measures),
            array_map(
                fn (Thickness $t): Choice => new Choice($t->value, $this->wording->label('spoon', $t->value), ''), Thickness::cases(),
            ),
        );
    }

    /** @return list<TroubleView> */
    private function troubles(Remedies $remedies, Measures $measures): array
    {
        return array_map(fn (Trouble $t): TroubleView => new TroubleView(
            $t->value, $this->wording->label('trouble', $t->value), $this->wording->say("trouble-$t->value", $measures, $remedies->for($t)),
        ), Trouble::cases());
    }

    /** @return float|null mL */
    public function measured(CookRecord $cook, string $typed, Problems $problems): ?float
    {
        return $this->typed(
            $typed, $this->follow->cooking($cook)->braise()->chosen->filling->geometry, self::isLifted($cook), $problems,
        );
    }

    private function typed(string $left, PotGeometry $geometry, bool $lifted, Problems $problems): ?float
    {
        $millilitres = TypedQuantity::sauce($left, self::standing($geometry, $lifted), 'left', $problems);
        if (null !== $millilitres) {
            $problems->within(Range::sauceMillilitres(), $millilitres, 'left');
        }

        return $millilitres;
    }

    /** @return \Closure(float): float mL, of a height in m */
    private static function standing(PotGeometry $geometry, bool $lifted): \Closure
    {
        return static fn (float $height): float => $lifted
            ? $geometry->millilitresWithoutMeat($height) : $geometry->millilitresTo($height);
    }

    private static function isLifted(CookRecord $cook): bool
    {
        return [] !== array_filter($cook->of('done'), static fn (array $e): bool => 'lift-out' === $e['value']);
    }

    private function way(
        FinishWay $way, WorkedBraise $worked, \DateTimeImmutable $serve, Measures $measures, \DateTimeImmutable $now,
    ): FinishWayView {
        $variables = [
            'ml' => $way->boilsOff, 'leavesMl' => $way->leaves, 'grams' => $way->slurry->grams ?? 0.0,
            'spoons' => $way->slurry?->tablespoons() ?? 0.0, 'coldMl' => $way->slurry->coldMillilitres ?? 0.0,
            'lowGrams' => round($way->slurry?->least() ?? 0.0), 'highGrams' => round($way->slurry?->most() ?? 0.0),
            'thickener' => mb_strtolower($this->wording->label('thickener', $way->slurry->thickener->value ?? 'corn-starch')),
            'minutes' => $way->minutes, 'boils' => $way->slurry?->thickener->hobMinutes() ?? 0,
            'panCm' => $worked->braise()->order->kitchen->pan()->inCentimetres(), 'blendsGrams' => $way->blends,
            'kneaded' => ThickenedBy::FlourAndButter === $way->closing->by
                || ($way->closing->asPlanned && ThickenedBy::FlourAndButter === SauceBody::of($worked->braise()->order, 0.0)->by)
                    ? 'yes' : 'no',
            'does' => self::does($way),
        ];
        $say = fn (string $what): string => $this->wording->say("finish.$what", $measures, $variables);

        return new FinishWayView(
            $way->closing->way(), $say('label-'.$way->closing->way()), $say('amount'),
            $way->minutes < 1 ? '' : $measures->hours($way->minutes / 60), $measures->variable('percent', $way->saltPercent).'',
            $measures->clock($way->serve, $now), $way->serve > $serve, $way->state->canBe() ? '' : $say('why-'.$way->state->value),
            $way->state->canBe() ? array_values(array_filter([
                $way->boilsOff >= 1 ? $say('step-boil') : '', $way->blends > 0 ? $say('step-blend') : '',
                null === $way->slurry ? '' : $say('step-starch'), null === $way->slurry ? '' : $say('step-halves'),
                'nothing' === self::does($way) ? $say('step-thin') : '',
            ])) : [],
            null !== $way->slurry && ThickenedBy::Starch === $way->closing->by,
            null === $way->sum ? null : $this->wording->sum($way->sum, $measures),
        );
    }

    /** @return 'boil'|'both'|'starch'|'blend'|'nothing' */
    private static function does(FinishWay $way): string
    {
        return match (true) {
            $way->blends > 0 => 'blend',
            $way->boilsOff >= 1 => null === $way->slurry ? 'boil' : 'both',
            default => null === $way->slurry ? 'nothing' : 'starch',
        };
    }

    /** @return list<LaneView> the braise first, then what is beside it */
    private function lanes(WorkedBraise $worked, \DateTimeImmutable $now, Measures $measures): array
    {
        $from = $this->from($worked, $now);
        $names = [];
        foreach ($worked->whole->sides ?? [] as $side) {
            $names[$side->id] = $side->name;
        }
        $braise = $this->wording->label('finish-lane', 'sauce');
        $lanes = [$braise => []];
        foreach ($worked->whole->placed ?? [] as $placed) {
            if ($placed->to <= $from || $placed->from > $this->serve($worked) || 0 === $placed->job->minutes) {
                continue;
            }
            $side = array_values(array_filter(
                array_keys($names), static fn (string $id): bool => str_starts_with($placed->job->id, "$id-"),
            ))[0] ?? null;
            $lanes[null === $side ? $braise : $names[$side]][] = $this->job($placed, $worked, $measures);
        }

        return array_map(static fn (string $name, array $jobs): LaneView => new LaneView($name, $jobs), array_keys($lanes), $lanes);
    }

    private function job(Placed $placed, WorkedBraise $worked, Measures $measures): LaneJob
    {
        return new LaneJob(
            $placed->from->format(\DATE_ATOM), $placed->to->format(\DATE_ATOM), $this->days->text($placed, $measures), $placed->job->hands,
            isset($worked->underway->done[$placed->job->id]) || \in_array($placed->job->id, $worked->underway->settled ?? [], true),
        );
    }

    private function serve(WorkedBraise $worked): \DateTimeImmutable
    {
        $day = $worked->braise()->day();

        return $day instanceof DayPlan ? $day->serve : $worked->braise()->order->serveAt;
    }

    private function from(WorkedBraise $worked, \DateTimeImmutable $now): \DateTimeImmutable
    {
        return min($now, $this->serve($worked))->modify(self::SHOWN_BEFORE);
    }
}
