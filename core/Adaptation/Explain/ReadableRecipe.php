<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/**
 * The adapted recipe from the first line to the last: every step in the order of the day, every food where it is first used, every change
 * and every caution at the line that it is about. What is shown, printed and exported is this.
 */
final readonly class ReadableRecipe
{
    /** Kinds of acts that a change is about, by its key or code; the first that the recipe does. */
    private const ABOUT = [
        'skim' => [ActKind::Skim, ActKind::Strain],
        'thicken' => [ActKind::Slurry, ActKind::ButterAndStarch, ActKind::Blend, ActKind::Reduce],
        'step:take-out' => [ActKind::TakeOut, ActKind::Lift],
        'hold-salt' => [ActKind::SeasonToTaste, ActKind::Season, ActKind::Serve],
        'reduce' => [ActKind::Reduce],
        'take-out' => [ActKind::TakeOut, ActKind::Lift],
        'boil-beans' => [ActKind::BoilBeans],
        'allergens' => [ActKind::Serve, ActKind::Garnish],
    ];

    /** @param list<RecipeLine> $lines in order of the day */
    private function __construct(public array $lines)
    {
    }

    public static function of(AdaptedBraise $braise): self
    {
        $deeds = [];
        foreach ($braise->chosen->process->deeds as $deed) {
            $deeds[$deed->act->id] = $deed;
        }
        $lines = self::withGone(array_map(
            static fn (PrintedStep $s): RecipeLine => self::line($s, $deeds), AdaptedMethod::of($braise),
        ), array_values($deeds));
        if ([] === $lines) {
            return new self([]);
        }
        $recipe = (new self($lines))->using($braise->order->recipe->ingredients);
        foreach ($braise->chosen->process->entries as $entry) {
            $recipe = $recipe->at($recipe->placeOf($entry), static fn (RecipeLine $l): RecipeLine => $l->changedBy($entry));
        }
        foreach ($braise->findings as $finding) {
            $recipe = $recipe->at(
                $recipe->doing(...self::ABOUT[$finding->rule] ?? []) ?? $recipe->cooking(),
                static fn (RecipeLine $l): RecipeLine => $l->minding($finding),
            );
        }

        return $recipe;
    }

    /** @param array<string, Deed> $deeds by act */
    private static function line(PrintedStep $step, array $deeds): RecipeLine
    {
        $told = array_values(array_intersect_key($deeds, array_flip($step->acts)));
        $stages = array_map(static fn (Deed $d): Stage => $d->stage, $told);
        usort($stages, static fn (Stage $a, Stage $b): int => $b->rank() <=> $a->rank());

        return new RecipeLine(
            Column::of($stages[0] ?? Stage::Before), $step, false, array_map(static fn (Deed $d): Act => $d->act, $told),
        );
    }

    /**
     * With the recipe's sentences of which nothing is left, where they stood.
     *
     * @param list<RecipeLine> $lines
     * @param list<Deed>       $deeds in the recipe's order
     *
     * @return list<RecipeLine>
     */
    private static function withGone(array $lines, array $deeds): array
    {
        $sentences = [];
        foreach ($deeds as $deed) {
            $sentences[$deed->sentence()][] = $deed;
        }
        $all = array_keys($sentences);
        foreach ($all as $k => $sentence) {
            $told = $sentences[$sentence];
            $why = array_filter($told, static fn (Deed $d): bool => '' !== $d->code);
            if ([] === $why || [] !== array_filter($told, static fn (Deed $d): bool => $d->remains()) || '' === $told[0]->act->source) {
                continue;
            }
            $acts = array_map(static fn (Deed $d): Act => $d->act, $told);
            $gone = new RecipeLine(
                Column::of($told[0]->stage), new PrintedStep([], AdaptedMethod::sentence($told[0]->act->source)), true, $acts,
            );
            array_splice($lines, self::before($lines, \array_slice($all, $k + 1)), 0, [$gone]);
        }

        return $lines;
    }

    /**
     * @param list<RecipeLine> $lines
     * @param list<string>     $next  sentences that follow in the recipe
     */
    private static function before(array $lines, array $next): int
    {
        foreach ($next as $sentence) {
            foreach ($lines as $place => $line) {
                if (self::tells($line, $sentence)) {
                    return $place;
                }
            }
        }

        return \count($lines);
    }

    private static function tells(RecipeLine $line, string $sentence): bool
    {
        return [] !== array_filter(
            $line->acts, static fn (Act $a): bool => $sentence === (string) preg_replace('/\.\d+$/', '', $a->id),
        );
    }

    /**
     * Every food at the first line that tells of it; what none tells of goes into the pot with the rest, or is served.
     *
     * @param list<Ingredient> $ingredients
     */
    private function using(array $ingredients): self
    {
        $at = [];
        foreach ($ingredients as $ingredient) {
            $of = PartKind::Braise === $ingredient->part || PartKind::Marinade === $ingredient->part;
            $at[$this->firstWith($ingredient->key(), false) ?? ($of ? $this->loading() : \count($this->lines) - 1)][] = $ingredient;
        }

        return new self(array_map(
            static fn (RecipeLine $l, int $k): RecipeLine => $l->using($at[$k] ?? []), $this->lines, array_keys($this->lines),
        ));
    }

    private function placeOf(LedgerEntry $entry): int
    {
        [$kind, $about] = [...explode(':', $entry->key), '', ''];
        if (isset(self::ABOUT[$entry->key])) {
            return $this->doing(...self::ABOUT[$entry->key]) ?? $this->cooking();
        }
        if ('side' === $kind) {
            return $this->doing(ActKind::Serve, ActKind::Garnish) ?? \count($this->lines) - 1;
        }
        if ('step' === $kind) {
            return $this->first(static fn (RecipeLine $l): bool => self::tells($l, $about)) ?? $this->cooking();
        }

        return '' === $about ? $this->cooking() : $this->firstWith($about, true) ?? $this->loading();
    }

    /** The line at which a food is in hand. */
    private function firstWith(string $food, bool $listed): ?int
    {
        return $this->first(static fn (RecipeLine $l): bool => !$l->isGone && ($listed
            ? [] !== array_filter($l->foods, static fn (Ingredient $i): bool => $i->key() === $food)
            : [] !== array_filter($l->acts, static fn (Act $a): bool => \in_array($food, $a->foods, true))));
    }

    private function doing(ActKind ...$kinds): ?int
    {
        foreach ($kinds as $kind) {
            $found = $this->first(static fn (RecipeLine $l): bool => !$l->isGone
                && [] !== array_filter($l->acts, static fn (Act $a): bool => $kind === $a->kind));
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    /** The last line that loads something before the pot cooks. */
    private function loading(): int
    {
        $cooking = $this->cooking();
        for ($k = $cooking; $k >= 0; --$k) {
            if (!$this->lines[$k]->isGone && [] !== array_filter(
                $this->lines[$k]->acts, static fn (Act $a): bool => ActKind::Load === $a->kind,
            )) {
                return $k;
            }
        }

        return $cooking;
    }

    private function cooking(): int
    {
        return $this->first(static fn (RecipeLine $l): bool => !$l->isGone && Column::InThePot === $l->column) ?? 0;
    }

    /** @param callable(RecipeLine): bool $is */
    private function first(callable $is): ?int
    {
        foreach ($this->lines as $place => $line) {
            if ($is($line)) {
                return $place;
            }
        }

        return null;
    }

    /** @param callable(RecipeLine): RecipeLine $change */
    private function at(int $place, callable $change): self
    {
        return new self(array_map(
            static fn (RecipeLine $l, int $k): RecipeLine => $k === $place ? $change($l) : $l, $this->lines, array_keys($this->lines),
        ));
    }
}
