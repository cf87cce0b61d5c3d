<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\BoiledTo;
use Pausis\Core\Recipe\Dish;

/** What a recipe's own way boils off in open pans: its wine before the pot, its sauce after it; and what it pours in only then. */
final readonly class OwnBoiling
{
    private const ALCOHOL = 0.01;
    private const STARCH = '/\b(?:corn ?flour|corn ?starch|starch|arrowroot|slurry|flour|thicken\w*|manié)\b/iu';
    private const STARCH_MINUTES = 10.0;
    private const WHERE_NEEDED = '/\bif (?:it|the|need|necessary|you|too|still|like|want)|\bas needed\b|\bshould (?:it|the)\b/iu';

    /**
     * @param bool                 $wine       whether it boils its wine down at all
     * @param array<string, float> $left       share of each liquid that it leaves, where it says
     * @param list<OpenBoil>       $atEnd      one after the other
     * @param list<string>         $afterwards ids of what goes into the finished sauce only
     */
    public function __construct(public bool $wine = true, public array $left = [], public array $atEnd = [], public array $afterwards = [])
    {
    }

    public static function of(Dish $dish, bool $wine, Length $pan): self
    {
        $acts = $dish->acts();
        $cook = MethodReader::cookPlace($acts);
        if (null === $cook) {
            return new self($wine);
        }
        $before = \array_slice($acts, 0, $cook);
        $after = \array_slice($acts, $cook + 1);

        return new self(
            $wine, self::boiledBefore($dish, $before),
            array_map(
                static fn (Act $a): OpenBoil => OpenBoil::of($a, $pan),
                array_values(array_filter($after, static fn (Act $a): bool => \in_array($a->kind, [ActKind::Reduce, ActKind::LidOff], true)
                    && !preg_match(self::WHERE_NEEDED, $a->source) && !self::cooksItsStarch($a))),
            ),
            self::pouredAfter($dish, [...$before, $acts[$cook]], $after),
        );
    }

    /** "Stir in the starch and boil for 2 minutes" thickens, and hardly boils anything off. */
    private static function cooksItsStarch(Act $act): bool
    {
        return ($act->minutes?->middle() ?? \INF) <= self::STARCH_MINUTES && 1 === preg_match(self::STARCH, $act->source)
            && null === BoiledTo::in($act->words);
    }

    /** mL that the recipe boils off what it has in the pot. */
    public function awayFrom(float $millilitres): float
    {
        $left = max(0.0, $millilitres);
        foreach ($this->atEnd as $boil) {
            $left -= $boil->away($left);
        }

        return max(0.0, $millilitres) - $left;
    }

    /**
     * @param list<Act> $before
     *
     * @return array<string, float>
     */
    private static function boiledBefore(Dish $dish, array $before): array
    {
        $left = [];
        $poured = [];
        foreach ($before as $act) {
            $alcohol = array_values(array_filter($act->foods, static fn (string $id): bool => Role::Liquid === $dish->ingredient($id)?->role
                && ($dish->ingredient($id)->food->alcohol ?? 0.0) > self::ALCOHOL));
            $poured = [] === $alcohol ? $poured : $alcohol;
            if (!\in_array($act->kind, [ActKind::BoilDown, ActKind::Deglaze, ActKind::Reduce], true)) {
                continue;
            }
            $to = BoiledTo::in($act->words);
            if (null === $to) {
                continue;
            }
            foreach ($poured as $id) {
                $millilitres = (float) $dish->ingredient($id)?->millilitres;
                $left[$id] = $millilitres > 0 ? $to->left($millilitres) / $millilitres : 1.0;
            }
        }

        return $left;
    }

    /**
     * @param list<Act> $before
     * @param list<Act> $after
     *
     * @return list<string>
     */
    private static function pouredAfter(Dish $dish, array $before, array $after): array
    {
        // What something only soaks in goes where that goes.
        $early = array_merge(...array_map(static fn (Act $a): array => ActKind::Soak === $a->kind ? [] : $a->foods, $before));
        $late = array_merge(...array_map(static fn (Act $a): array => $a->foods, $after));

        return array_values(array_unique(array_filter(
            $late, static fn (string $id): bool => !\in_array($id, $early, true) && true === $dish->ingredient($id)?->role->isPoured(),
        )));
    }
}
