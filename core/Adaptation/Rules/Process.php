<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Timing;

/** The recipe as it is done in this pot: what is done, in order, and what was changed. Everything that is shown shows this. */
final readonly class Process
{
    /** The usual order of a finish, for what a recipe doesn't have. */
    private const FINISH = [
        ActKind::Lift, ActKind::TakeOut, ActKind::Strain, ActKind::Skim, ActKind::Blend, ActKind::Sieve, ActKind::Mash, ActKind::Reduce,
        ActKind::Shred, ActKind::Carve, ActKind::Glaze,
        ActKind::Slurry, ActKind::ButterAndStarch, ActKind::CreamOrYoghurtIn, ActKind::BackIntoTheJuice, ActKind::Rest, ActKind::Crisp,
    ];

    /** What is done at the end as well as before. */
    private const ALSO_AFTER = [
        ActKind::TakeOut, ActKind::Cook, ActKind::Preheat, ActKind::Add, ActKind::Fry, ActKind::FryBase, ActKind::Toast, ActKind::Mix,
    ];

    private const IN_A_BOWL = '/\b(?:bowl|basin|dish|bag|tub|tray)\b/iu';
    /** Minutes of handling beside what an act takes by itself. */
    private const IN_HAND = 5.0;
    private const MAKES = [
        ActKind::Mix, ActKind::Toast, ActKind::Fry, ActKind::FryBase, ActKind::Soak, ActKind::Blend,
        ActKind::Strain, ActKind::Sieve, ActKind::HeatUp,
    ];
    /** What is done with what is marinated, and with what it is marinated in. */
    private const READIED = [
        ActKind::Season, ActKind::Prepare, ActKind::Mix, ActKind::Tie, ActKind::Dry, ActKind::Marinate, ActKind::Toast, ActKind::Soak,
        ActKind::Blend, ActKind::BoilDown, ActKind::HeatUp,
    ];

    /**
     * @param list<Deed>        $deeds   in order of the day
     * @param list<LedgerEntry> $entries
     */
    private function __construct(public array $deeds, public array $entries = [])
    {
    }

    /** A recipe's acts, each where it has its place. */
    public static function of(BraiseOrder $order): self
    {
        $acts = $order->recipe->dish->acts();
        $cook = MethodReader::cookPlace($acts);
        $serves = array_keys(array_filter($acts, static fn (Act $a): bool => ActKind::Serve === $a->kind));
        $serve = $serves[0] ?? -1;
        $stages = array_map(static fn (Act $act, int $k): ?Stage => self::stage($act, $k, $cook, $k > $serve), $acts, array_keys($acts));
        $ahead = self::readiedAhead($acts, $stages);
        $late = self::madeForTheLate($acts, $cook);
        $deeds = [];
        foreach ($acts as $k => $act) {
            $stage = isset($ahead[$k]) ? Stage::Evening : $stages[$k] ?? self::ofItsSentence($acts, $stages, $k)
                // "Lift it out; cover with foil"
                ?? (ActKind::Load === $act->kind && [] === $act->foods ? $stages[$k - 1] ?? null : null) ?? Stage::Table;
            $deeds[] = isset($late[$k]) ? (new Deed($act, Stage::During))->lateBy($late[$k]) : new Deed($act, $stage);
        }
        $marinade = [];
        foreach ($order->recipe->dish->beside() as $part) {
            $goesIn = self::forThePot($part->acts, $order->recipe->dish);
            foreach ($part->acts as $act) {
                if (PartKind::Marinade === $part->kind) {
                    $marinade[] = new Deed($act, \in_array(Stage::Evening, $stages, true) ? Stage::Evening : Stage::Before);
                    continue;
                }
                $deeds[] = match (true) {
                    isset($goesIn[$act->id]) => (new Deed($act, Stage::During, isBeside: true))->lateBy($goesIn[$act->id]),
                    PartKind::SecondMeal === $part->kind => new Deed($act, Stage::Later, isBeside: true),
                    Timing::AfterStart === $act->when->timing => new Deed(
                        $act, Stage::During, atHour: ($act->when->offset?->middle() ?? 0.0) / 60, isBeside: true,
                    ),
                    default => new Deed($act, Stage::Table, isBeside: true),
                };
            }
        }
        $deeds = [...$marinade, ...$deeds];

        return (new self($deeds))->inTurn();
    }

    /**
     * What is made beside and goes into the pot late is made by then: "boil the eggs; slip them in for the last hour".
     *
     * @param list<Act> $acts of one part
     *
     * @return array<string, float> minutes before the end, by act
     */
    private static function forThePot(array $acts, Dish $dish): array
    {
        $begins = [];
        foreach ($acts as $k => $act) {
            $in = [] === $act->foods || ActKind::SideWork !== $act->kind ? [] : array_filter(
                $dish->acts(), static fn (Act $a): bool => ActKind::Add === $a->kind && Timing::BeforeEnd === $a->when->timing
                    && [] === array_diff($act->foods, $a->foods),
            );
            $by = [] === $in ? null : array_values($in)[0]->when->offset?->middle();
            $with = array_filter($acts, static fn (Act $a, int $at): bool => $a->source === $act->source
                || ($at > $k && [] === $a->foods && $a->line === $act->line), \ARRAY_FILTER_USE_BOTH);
            foreach (null === $by || isset($begins[$act->id]) ? [] : array_reverse($with) as $one) {
                $by += self::IN_HAND + ($one->minutes?->middle() ?? self::IN_HAND);
                $begins[$one->id] = $by;
            }
        }

        return $begins;
    }

    /**
     * "Toast the chillies, soak them, blend them; stir that in for the last hour": what leads to it is done by then.
     *
     * @param list<Act> $acts
     *
     * @return array<int, float> minutes before the end at which it begins, by place
     */
    private static function madeForTheLate(array $acts, ?int $cook): array
    {
        $begins = [];
        foreach (null === $cook ? [] : $acts as $add => $act) {
            $isLate = ActKind::Add === $act->kind && Timing::BeforeEnd === $act->when->timing && $act->isDone();
            $by = $isLate ? $act->when->offset?->middle() : null;
            $foods = $act->foods;
            for ($k = $add - 1; null !== $by && $k > $cook; --$k) {
                if (\in_array($acts[$k]->kind, [ActKind::Cut, ActKind::Prepare], true)) {
                    continue;
                }
                $goesOn = [] === $acts[$k]->foods && \in_array($acts[$k]->line, [$act->line, $acts[$k - 1]->line ?? 0], true);
                if (isset($begins[$k]) || !\in_array($acts[$k]->kind, self::MAKES, true) || !$acts[$k]->isDone()
                    || (!$goesOn && [] === array_intersect($foods, $acts[$k]->foods))) {
                    break;
                }
                $by += max(self::IN_HAND, $acts[$k]->minutes?->middle() ?? 0.0);
                $begins[$k] = $by;
                $foods = [...$foods, ...$acts[$k]->foods];
            }
        }

        return $begins;
    }

    /**
     * What leads to the evening's marinating is done in the evening: mixed, rubbed in, tied.
     *
     * @param list<Act>              $acts
     * @param array<int, Stage|null> $stages
     *
     * @return array<int, true> by place
     */
    private static function readiedAhead(array $acts, array $stages): array
    {
        $last = -1;
        foreach ($acts as $k => $act) {
            $last = Stage::Evening === $stages[$k] && ActKind::Marinate === $act->kind && $act->isDone() ? $k : $last;
        }
        $readied = [];
        foreach (\array_slice($acts, 0, $last + 1) as $k => $act) {
            $lies = ActKind::Load === $act->kind && preg_match(self::IN_A_BOWL, $act->words);
            if (Stage::Before === $stages[$k] && ($lies || \in_array($act->kind, self::READIED, true))) {
                $readied[$k] = true;
            }
        }
        // "The night before rub it all over. Leave it uncovered in the fridge."
        foreach ($acts as $k => $act) {
            $goesOn = ActKind::Marinate === $act->kind && Stage::Before === $stages[$k] && [] === $act->foods && null === $act->minutes;
            if ($goesOn && $k > 0 && (Stage::Evening === $stages[$k - 1] || isset($readied[$k - 1]))) {
                $readied[$k] = true;
            }
        }

        return $readied;
    }

    /** Null where it goes with what else its sentence tells. */
    private static function stage(Act $act, int $place, ?int $cook, bool $served): ?Stage
    {
        $kind = $act->kind;
        $timing = $act->when->timing;
        $after = null !== $cook && $place > $cook;

        return match (true) {
            $place === $cook => Stage::Start,
            Timing::EveningBefore === $timing => Stage::Evening,
            !$after && ActKind::Portion !== $kind && (null !== $cook || !$kind->finishes()) => Stage::Before,
            ActKind::Portion === $kind => $served ? Stage::Later : Stage::Finish,
            \in_array($kind, [ActKind::Serve, ActKind::Garnish, ActKind::SeasonToTaste], true) => Stage::Table,
            Timing::BeforeEnd === $timing, Timing::AfterStart === $timing => Stage::During,
            $kind->finishes(), \in_array($kind, self::ALSO_AFTER, true) => Stage::Finish,
            \in_array(
                $kind, [ActKind::LidOff, ActKind::TurnSetting, ActKind::Check, ActKind::PokeDown, ActKind::Test], true,
            ) => Stage::During,
            default => null,
        };
    }

    /**
     * @param list<Act>              $acts
     * @param array<int, Stage|null> $stages
     */
    private static function ofItsSentence(array $acts, array $stages, int $place): ?Stage
    {
        foreach ([$place - 1, $place + 1, $place + 2] as $k) {
            if (isset($acts[$k], $stages[$k]) && $acts[$k]->source === $acts[$place]->source && Stage::Start !== $stages[$k]) {
                return $stages[$k];
            }
        }

        return null;
    }

    /** @param callable(Deed): Deed $change */
    public function map(callable $change): self
    {
        return new self(array_map($change, $this->deeds), $this->entries);
    }

    public function noting(LedgerEntry ...$entries): self
    {
        return new self(
            $this->deeds,
            [
                ...$this->entries,
                ...array_filter(array_values($entries), fn (LedgerEntry $e): bool => !\in_array($e, $this->entries, false)),
            ],
        );
    }

    /** In front of the first that is like that; at the end of its stage where none is. */
    public function inserted(Deed $deed, ActKind ...$before): self
    {
        $at = null;
        foreach ($this->deeds as $k => $one) {
            if ($one->stage === $deed->stage && $one->remains() && $one->is(...$before)) {
                $at = $k;
                break;
            }
        }

        return $this->spliced($at ?? $this->endOf($deed->stage), $deed);
    }

    /** Straight before another. */
    public function ahead(Deed $other, Deed $deed): self
    {
        $at = array_search($other, $this->deeds, true);

        return \is_int($at) ? $this->spliced($at, $deed) : $this;
    }

    /** Where it usually stands in a finish. */
    public function finishing(Deed $deed): self
    {
        $rank = (int) array_search($deed->act->kind, self::FINISH, true);

        return $this->inserted($deed, ...\array_slice(self::FINISH, $rank + 1));
    }

    public function without(Deed $deed): self
    {
        return new self(array_values(array_filter($this->deeds, static fn (Deed $d): bool => $d !== $deed)), $this->entries);
    }

    /** Moved to where it usually stands in a finish. */
    public function inItsPlace(Deed $deed): self
    {
        return $this->without($deed)->finishing($deed);
    }

    /** Moved in front of the first that is like that, where it stands behind it. */
    public function movedBefore(Deed $deed, ActKind ...$before): self
    {
        return $this->without($deed)->inserted($deed, ...$before);
    }

    /** Whether something of a kind is still done, in one of the stages. */
    public function does(Stage $stage, ActKind ...$kinds): bool
    {
        return null !== $this->first($stage, ...$kinds);
    }

    public function first(Stage $stage, ActKind ...$kinds): ?Deed
    {
        return $this->in($stage, ...$kinds)[0] ?? null;
    }

    /** @return list<Deed> that remain */
    public function in(Stage $stage, ActKind ...$kinds): array
    {
        return array_values(array_filter(
            $this->deeds, static fn (Deed $d): bool => $d->stage === $stage && $d->remains() && ([] === $kinds || $d->is(...$kinds)),
        ));
    }

    /**
     * The recipe's own cutting of vegetables, in sentences that tell of nothing else.
     *
     * @return list<Deed>
     */
    public function cutting(Dish $dish): array
    {
        $kinds = [ActKind::Cut, ActKind::Prepare];
        $others = array_map(
            static fn (Deed $d): string => $d->sentence(), array_filter($this->deeds, static fn (Deed $d): bool => !$d->is(...$kinds)),
        );

        return array_values(array_filter(
            $this->in(Stage::Before, ...$kinds),
            static fn (Deed $d): bool => 'mix-spices' !== $d->code && ('cut-vegetables' === $d->code
                || (!\in_array($d->sentence(), $others, true) && [] !== self::cutFoods($d->act, $dish))),
        ));
    }

    /** @return list<string> ids of what a knife is needed for */
    private static function cutFoods(Act $act, Dish $dish): array
    {
        return array_values(array_filter(
            $act->foods, static fn (string $id): bool => true === $dish->ingredient($id)?->role->isCut(),
        ));
    }

    /** In the order of the day. */
    public function inTurn(): self
    {
        $deeds = $this->deeds;
        usort($deeds, static fn (Deed $a, Deed $b): int => [$a->stage->rank(), self::late($a)] <=> [$b->stage->rank(), self::late($b)]);

        return new self($deeds, $this->entries);
    }

    /** @return list<Deed> that are done */
    public function remaining(): array
    {
        return array_values(array_filter($this->deeds, static fn (Deed $d): bool => $d->remains()));
    }

    /** What is done after hours counted from the start stands before what is counted from the end. */
    private static function late(Deed $deed): float
    {
        return Stage::During !== $deed->stage ? 0.0 : $deed->atHour ?? (null === $deed->beforeEnd ? 500.0 : 1000.0 - $deed->beforeEnd);
    }

    private function endOf(Stage $stage): int
    {
        $end = 0;
        foreach ($this->deeds as $k => $one) {
            $end = $one->stage->rank() <= $stage->rank() ? $k + 1 : $end;
        }

        return $end;
    }

    private function spliced(int $at, Deed $deed): self
    {
        $deeds = $this->deeds;
        array_splice($deeds, $at, 0, [$deed]);

        return new self($deeds, $this->entries);
    }
}
