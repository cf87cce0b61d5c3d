<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\MethodLine;
use Pausis\App\Exchange\AdaptedRecipe;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Explain\Column;
use Pausis\Core\Adaptation\Explain\ReadableRecipe;
use Pausis\Core\Adaptation\Explain\RecipeLine;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\TakeOut;

/** The adapted recipe as it is read, beside the clock. */
final readonly class MethodPresenter
{
    /** From when on work beside the pot is told with the sauce. */
    private const TO_THE_PLATE = '-45 minutes';

    public function __construct(private AdaptedRecipe $recipe, private DayPresenter $days)
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
        $lines = $told = [];
        foreach (ReadableRecipe::of($braise)->lines as $line) {
            $loads = !$loaded && self::cooks($line);
            $loaded = $loaded || $loads;
            $job = $line->isGone ? null : self::job($line, $placed);
            $told[] = $job?->job->id;
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

        return $day instanceof DayPlan ? $this->withSides($lines, self::beside($placed, $told), $day, $measures) : $lines;
    }

    /**
     * Work beside the pot that no line of the recipe tells.
     *
     * @param list<Placed>      $placed
     * @param list<string|null> $told   ids
     *
     * @return list<Placed>
     */
    private static function beside(array $placed, array $told): array
    {
        return array_values(array_filter(
            $placed, static fn (Placed $p): bool => isset($p->job->variables['side']) && !\in_array($p->job->id, $told, true),
        ));
    }

    /**
     * @param list<MethodLine> $lines
     * @param list<Placed>     $beside
     *
     * @return list<MethodLine> each in front of the first of its column that begins later
     */
    private function withSides(array $lines, array $beside, DayPlan $day, Measures $measures): array
    {
        foreach ($beside as $one) {
            $column = match (true) {
                $one->from < $day->switchOn => Column::Before,
                $one->from < ($day->at(TaskKind::Sauce)->at ?? $day->serve)->modify(self::TO_THE_PLATE) => Column::InThePot,
                default => Column::ToThePlate,
            };
            $line = new MethodLine(
                $column->value, $measures->clock($one->from, $day->serve), $one->from->format(\DATE_ATOM), $one->job->minutes,
                $one->person->name ?? '', $this->days->text($one, $measures), false, [], [], [], [], [],
            );
            array_splice($lines, self::placeOf($line, $lines), 0, [$line]);
        }

        return $lines;
    }

    /** @param list<MethodLine> $lines */
    private static function placeOf(MethodLine $line, array $lines): int
    {
        $last = -1;
        foreach ($lines as $k => $one) {
            if ($one->column === $line->column) {
                if ('' !== $one->at && strtotime($one->at) > strtotime($line->at)) {
                    return $k;
                }
                $last = $k;
            }
        }

        return $last < 0 ? \count($lines) : $last + 1;
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
