<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Chores;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Rules\Thawed;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Placed;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Rules;

/** The braise's own work as jobs that the plan may move. */
final readonly class BraiseJobs
{
    public const PLATE = 'plate';
    public const PLATE_AGAIN = 'plate-again';
    public const LOAD = 'load';
    public const FORK_TEST = 'fork-test';
    public const PORTION = 'portion';
    public const INTO_FRIDGE = 'into-fridge';
    /** On warm plates, where another pot is served at the same time, minutes. */
    public const PLATED_WAITS = 10;
    /** What can be made ready before it is needed. */
    private const AHEAD = ['cut-vegetables', 'mix-spices', 'beans-on'];
    private const READIED = ['stand', 'toast-spices', 'mix', 'boil-wine-down', 'heat-up', 'cut-vegetables'];
    /** A marinade that was boiled is cold before raw meat lies in it: poured wide, in so many minutes. An estimate. */
    private const HEATED = ['boil-wine-down', 'heat-up'];
    private const COOLS_MINUTES = 60;
    private const EVENING_MINUTES = 540;
    private const THAW_WAITS = 60;
    /** Beans want to be soaked so long before they go on, and no longer; vegetables that were cut keep as long. */
    private const LEAST_BEFORE_MINUTES = 480;
    private const MOST_BEFORE_MINUTES = 960;
    private const BEFORE_BED_MINUTES = 60;
    private const QUARTER = 900;

    public function __construct(private BraiseOrder $order, private Work $work)
    {
    }

    /**
     * Up to switching on, with what is done the evening before.
     *
     * @return list<Job>
     */
    public function toLoading(\DateTimeImmutable $on): array
    {
        return [...$this->evening($on), ...$this->loading($on)];
    }

    /**
     * From the pot to the plate.
     *
     * @param \DateTimeImmutable $begins no sooner
     * @param list<Placed>       $others work of other braises; where it needs hands as this is plated, what is on the plates may wait
     *
     * @return list<Job>
     */
    public function toThePlate(\DateTimeImmutable $begins, \DateTimeImmutable $serve, array $others = []): array
    {
        $plating = array_filter($others, static fn (Placed $p): bool => $p->job->hands && $p->from < $serve && $serve <= $p->to);

        return $this->chained(
            $this->work->in(Stage::Finish, Stage::Table), self::PLATE, $this->firstOfFinish(), $begins, $serve,
            [] === $plating ? 0 : self::PLATED_WAITS,
        );
    }

    /**
     * From the fridge to the plate, on the day that a chilled braise is eaten.
     *
     * @return list<Job>
     */
    public function again(\DateTimeImmutable $serve): array
    {
        $chores = $this->work->in(Stage::Again);

        return $this->chained($chores, self::PLATE_AGAIN, $chores[0]->id ?? self::PLATE_AGAIN, null, $serve, 0);
    }

    /**
     * @param list<Chore> $chores
     *
     * @return list<Job>
     */
    private function chained(
        array $chores, string $plate, string $first, ?\DateTimeImmutable $begins, \DateTimeImmutable $serve, int $waits,
    ): array {
        $jobs = [];
        $next = null;
        $beside = [];
        foreach (array_reverse($chores) as $chore) {
            if ($plate === $chore->id) {
                $jobs[] = new Job(
                    $chore->id, $chore->code, $chore->variables, $chore->minutes, true, waits: $waits, by: $serve, acts: $chore->acts,
                );
            } elseif ('heat-oven' === $chore->code) {
                $jobs[] = self::job($chore, self::firstInTheOven($chores, $plate));
                continue;
            } elseif ($this->work->isBeside($chore)) {
                $job = new Job(
                    $chore->id, $chore->code, $chore->variables, $chore->minutes, $chore->uses->hands(), $chore->uses->rings(),
                    $chore->uses->ovens(), $chore->waits, $beside[(string) ($chore->variables['part'] ?? '')] ?? $plate,
                    after: isset($chore->variables['part']) || $chore->id === $first ? null : $first, acts: $chore->acts,
                );
                // Meat that is lifted out already rests first of all that is left.
                $jobs[] = $chore->id === $first && null !== $begins ? $job->notBefore($begins) : $job;
                $beside = isset($chore->variables['part']) ? [...$beside, (string) $chore->variables['part'] => $chore->id] : $beside;
                continue;
            } else {
                $job = self::job($chore, $next);
                $jobs[] = $chore->id === $first && null !== $begins ? $job->notBefore($begins) : $job;
            }
            $next = $chore->id;
        }

        return array_reverse($jobs);
    }

    /** @param list<Chore> $chores */
    private static function firstInTheOven(array $chores, string $plate): string
    {
        foreach ($chores as $chore) {
            if ('heat-oven' !== $chore->code && $chore->uses->ovens() > 0) {
                return $chore->id;
            }
        }

        return $plate;
    }

    /** The first piece of work from the pot to the plate. */
    public function firstOfFinish(): string
    {
        foreach ($this->work->in(Stage::Finish) as $chore) {
            if ('heat-oven' !== $chore->code) {
                return $chore->id;
            }
        }

        return self::PLATE;
    }

    /** @return list<Caught> what should have been done the evening before, and can't be any more */
    public function missedEvening(\DateTimeImmutable $on): array
    {
        $thaw = null === $this->thaw() || null !== $this->thawsBy($on) ? [] : [new Caught('evening-thaw', '', null)];

        return [...$thaw, ...(null !== $this->eveningEnds($on) ? [] : array_map(
            static fn (Chore $c): Caught => new Caught('evening-'.$c->code, (string) ($c->variables['food'] ?? ''), null),
            // What is only made ready for it is missed with it.
            array_values(array_filter(
                $this->eveningWork(), static fn (Chore $c): bool => !\in_array($c->code, self::READIED, true),
            )),
        ))];
    }

    /** @return list<Job> */
    private function evening(\DateTimeImmutable $on): array
    {
        $ends = $this->eveningEnds($on);
        $thaw = $this->thaw();
        $by = null === $thaw ? null : $this->thawsBy($on);
        $thaws = null === $thaw || null === $by ? [] : [new Job(
            $thaw->id, $thaw->code, $thaw->variables, $thaw->minutes, true, waits: self::THAW_WAITS, by: $by, acts: $thaw->acts,
        )];

        if (null === $ends) {
            return $thaws;
        }
        $jobs = [];
        foreach (array_reverse($this->eveningWork()) as $c) {
            // What is toasted, soaked or ground for the evening's rub leads to it.
            $next = \in_array($c->code, self::READIED, true) ? $jobs[\count($jobs) - 1] ?? null : null;
            $jobs[] = new Job(
                $c->id, $c->code, $c->variables, $c->minutes, 'stand' !== $c->code, $c->uses->rings(),
                waits: self::EVENING_MINUTES - min($c->minutes, self::EVENING_MINUTES), next: $next?->id,
                by: null === $next ? $ends : null, acts: $c->acts,
                rests: null !== $next && \in_array($c->code, self::HEATED, true) ? self::COOLS_MINUTES : 0,
            );
        }

        return [...$thaws, ...array_reverse($jobs)];
    }

    private function thaw(): ?Chore
    {
        return array_values(array_filter($this->work->in(Stage::Evening), static fn (Chore $c): bool => Thawed::CODE === $c->code))[0]
            ?? null;
    }

    /** @return list<Chore> without what has to be done longer before */
    private function eveningWork(): array
    {
        return array_values(array_filter(
            $this->work->in(Stage::Evening), static fn (Chore $c): bool => Thawed::CODE !== $c->code,
        ));
    }

    /** When frozen meat must lie in the fridge: when somebody is there,
     * long enough before its work; null where it is too late for that. */
    public function thawsBy(\DateTimeImmutable $on): ?\DateTimeImmutable
    {
        $minutes = (int) ceil($this->work->lead() + 60 * (float) ($this->thaw()->variables['hours'] ?? 0.0));

        return $this->lastFree(self::after($on, -$minutes), $this->order->now, $this->thaw()->minutes ?? 0);
    }

    /**
     * When the work of the evening before is done, not just before bed if it can be helped: on the last evening, or of a pot that goes on
     * late in the last waking hours, that lies long enough before; null where nobody is there for it.
     */
    private function eveningEnds(\DateTimeImmutable $on): ?\DateTimeImmutable
    {
        $earliest = max($this->order->now, self::after($on, -self::MOST_BEFORE_MINUTES));
        $last = $this->lastFree(self::after($on, -self::LEAST_BEFORE_MINUTES), $earliest);

        return null === $last ? null : $this->lastFree(self::after($last, -self::BEFORE_BED_MINUTES), $earliest) ?? $last;
    }

    private function lastFree(\DateTimeImmutable $until, \DateTimeImmutable $from, ?int $minutes = null): ?\DateTimeImmutable
    {
        $minutes ??= (int) array_sum(array_map(static fn (Chore $c): int => $c->minutes, $this->eveningWork()));
        $to = $until->setTimestamp(intdiv($until->getTimestamp(), self::QUARTER) * self::QUARTER);
        for (; self::after($to, -$minutes) >= $from; $to = $to->setTimestamp($to->getTimestamp() - self::QUARTER)) {
            if (null !== $this->order->kitchen->people->who(self::after($to, -$minutes), $to)) {
                return $to;
            }
        }

        return null;
    }

    /** @return list<Job> one after the other, but what can be made ready ahead leads to what needs it */
    public function loading(\DateTimeImmutable $on): array
    {
        $chores = $this->work->in(Stage::Before);
        $jobs = [];
        $next = null;
        foreach (array_reverse($chores) as $chore) {
            if ('beans-on' === $chore->code) {
                $jobs[] = self::job($chore, 'boil-beans');
                $jobs[] = new Job(
                    'boil-beans', 'boil-beans', $chore->variables, Rules::BEAN_MINUTES, false, 1, 0, Chores::BOILED_BEANS_WAIT,
                    self::LOAD,
                    acts: $chore->acts,
                );
            } elseif (\in_array($chore->code, self::AHEAD, true)) {
                $jobs[] = self::job($chore, $this->firstTaking($chore));
            } elseif ('heat-oven' === $chore->code) {
                $jobs[] = self::job($chore, $next);
            } else {
                $jobs[] = self::LOAD === $chore->id
                    ? new Job(
                        $chore->id, $chore->code, $chore->variables, $chore->minutes, true, by: $on, acts: $chore->acts,
                    )
                    : self::job($chore, $next);
                $next = $chore->id;
            }
        }

        return array_reverse($jobs);
    }

    /** The first piece of work that takes what is made ready, the pot where none does. */
    private function firstTaking(Chore $ahead): string
    {
        $made = $this->madeBy($ahead);
        foreach ($this->work->in(Stage::Before) as $chore) {
            // "In the same pan sweat the vegetables": what is fried and not named is what was cut.
            $fries = 'cut-vegetables' === $ahead->code && 'fry-base' === $chore->code;
            if (!\in_array($chore->code, self::AHEAD, true) && ($fries || [] !== array_intersect($made, $chore->foods))) {
                return $chore->id;
            }
        }

        return self::LOAD;
    }

    /** @return list<string> ids of what is cut, or measured */
    private function madeBy(Chore $ahead): array
    {
        return array_values(array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
            $this->order->potIngredients(),
            static fn (Ingredient $i): bool => 'mix-spices' === $ahead->code ? Role::Spice === $i->role : $i->role->isCut(),
        )));
    }

    /** What one piece of the braise's own work takes. */
    public static function job(Chore $chore, ?string $next = null): Job
    {
        return new Job(
            $chore->id, $chore->code, $chore->variables, $chore->minutes, $chore->uses->hands(), $chore->uses->rings(),
            $chore->uses->ovens(), $chore->waits, $next, acts: $chore->acts,
        );
    }

    private static function after(\DateTimeImmutable $at, int $minutes): \DateTimeImmutable
    {
        return $at->setTimestamp($at->getTimestamp() + 60 * $minutes);
    }
}
