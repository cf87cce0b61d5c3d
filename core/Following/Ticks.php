<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Day\Placed;

/** All that was said of a plan's jobs, in the order in which it was said: the last of each job counts. */
final readonly class Ticks
{
    /** Done so much later than planned, what follows is looked at again. */
    private const BEHIND_MINUTES = 5;

    /** @param list<Tick> $said */
    public function __construct(public array $said = [])
    {
    }

    /** @return array<string, \DateTimeImmutable> when, by job */
    public function done(): array
    {
        return array_map(static fn (Tick $t): \DateTimeImmutable => $t->at, array_filter($this->last(),
            static fn (Tick $t): bool => $t->done && '' !== $t->job));
    }

    /** @return array<string, \DateTimeImmutable> as of when, by job: unless its time has come again since */
    public function notYet(): array
    {
        $notYet = [];
        foreach ($this->said as $tick) {
            $notYet = array_diff_key($notYet, $tick->settled, [$tick->job => true]);
            if (!$tick->done) {
                $notYet[$tick->job] = $tick->at;
            }
        }

        return $notYet;
    }

    /** @return array<string, \DateTimeImmutable|null> when it began, of what counted as done when something was last said */
    public function settled(): array
    {
        $last = $this->said[\count($this->said) - 1] ?? null;

        return array_diff_key($last->settled ?? [], $this->notYet());
    }

    /** When something was last said. */
    public function since(): ?\DateTimeImmutable
    {
        return $this->said[\count($this->said) - 1]->at ?? null;
    }

    /**
     * Since when the plan isn't followed as it stands: a job that isn't done yet, or was done late. Null where it is.
     *
     * @param list<Placed> $placed
     */
    public function behindSince(array $placed): ?\DateTimeImmutable
    {
        $since = null;
        $last = $this->last();
        foreach ($placed as $one) {
            $tick = $last[$one->job->id] ?? null;
            $late = null !== $tick && ($tick->done
                ? $tick->at > $one->to->modify('+'.self::BEHIND_MINUTES.' minutes')
                : $tick->at > $one->from);
            $since = $late ? max($since ?? $tick->at, $tick->at) : $since;
        }

        return $since;
    }

    /** @return array<string, Tick> by job */
    private function last(): array
    {
        $last = [];
        foreach ($this->said as $tick) {
            $last[$tick->job] = $tick;
        }

        return $last;
    }
}
