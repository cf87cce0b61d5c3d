<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\MethodLine;
use Pausis\App\Exchange\AdaptedRecipe;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Explain\ReadableRecipe;
use Pausis\Core\Adaptation\Explain\RecipeLine;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\TakeOut;

/** The adapted recipe as it is read, beside the clock. */
final readonly class MethodPresenter
{
    public function __construct(private AdaptedRecipe $recipe)
    {
    }

    /** @return list<MethodLine> */
    public function lines(WorkedBraise $worked, Measures $measures): array
    {
        $braise = $worked->braise();
        $amounts = $this->recipe->amounts($braise, $measures);
        $day = $braise->day();
        $placed = $day instanceof DayPlan ? $worked->whole->placed ?? [] : [];
        $loaded = false;
        $lines = [];
        foreach (ReadableRecipe::of($braise)->lines as $line) {
            $loads = !$loaded && self::cooks($line);
            $loaded = $loaded || $loads;
            $job = $line->isGone ? null : self::job($line, $placed);
            $at = $loads && $day instanceof DayPlan ? $day->switchOn : $job?->from;
            $foods = array_values(array_filter(array_map(static fn (Ingredient $i): string => $amounts[$i->key()] ?? '', $line->foods)));
            $lines[] = new MethodLine(
                $line->column->value, null === $at || !$day instanceof DayPlan ? '' : $measures->clock($at, $day->serve),
                $at?->format(\DATE_ATOM) ?? '', $loads ? 0 : $job->job->minutes ?? 0, $loads ? '' : $job->person->name ?? '',
                $this->recipe->step($line->step, $braise, $measures), $line->isGone,
                $loads ? [...array_values(array_intersect_key($amounts, ['meat' => 1, 'water' => 1])), ...$foods] : $foods,
                array_map(static fn (Ingredient $i): string => $i->key(), $line->foods),
                self::places($line->changes, $braise->chosen->process->entries),
                self::takeOut($line, $braise), self::places($line->findings, $braise->findings),
            );
        }

        return $lines;
    }

    private static function cooks(RecipeLine $line): bool
    {
        return [] !== array_filter($line->acts, static fn (Act $a): bool => ActKind::Cook === $a->kind) && 'pot' === $line->column->value;
    }

    /**
     * The work in which it is done.
     *
     * @param list<Placed> $placed
     */
    private static function job(RecipeLine $line, array $placed): ?Placed
    {
        $acts = array_map(static fn (Act $a): string => $a->id, $line->acts);
        foreach ($placed as $one) {
            if ([] !== array_intersect($acts, $one->job->acts)) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function takeOut(RecipeLine $line, AdaptedBraise $braise): array
    {
        $takes = !$line->isGone && [] !== array_filter(
            $line->acts, static fn (Act $a): bool => ActKind::TakeOut === $a->kind,
        );

        return $takes ? array_map(static fn (TakeOut $t): string => $t->name, $braise->order->toTakeOut()) : [];
    }

    /**
     * @template T of object
     *
     * @param list<T> $of
     * @param list<T> $all
     *
     * @return list<int>
     */
    private static function places(array $of, array $all): array
    {
        return array_values(array_filter(array_keys($all), static fn (int $k): bool => \in_array($all[$k], $of, true)));
    }
}
