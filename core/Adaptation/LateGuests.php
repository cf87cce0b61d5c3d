<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Thoroughness;

/** What is held back until the guests are there, where they may be late: all else can wait for them. */
final readonly class LateGuests
{
    private const STEPS = 4_000;

    /** @var array<string, Placed> by id */
    private array $jobs;
    /** @var array<string, list<Placed>> what leads to each */
    private array $before;

    /** @param list<Placed> $placed the day */
    public function __construct(private array $placed, private float $lateMinutes)
    {
        $jobs = $before = [];
        foreach ($placed as $one) {
            $jobs[$one->job->id] = $one;
            if (null !== $one->job->next) {
                $before[$one->job->next][] = $one;
            }
        }
        $this->jobs = $jobs;
        $this->before = $before;
    }

    /** @return list<Placed> of each chain that can't wait so long, the first job that isn't begun before they are there */
    public function heldBack(): array
    {
        $held = [];
        foreach ($this->lateMinutes > 0 ? $this->before[BraiseJobs::PLATE] ?? [] : [] as $last) {
            $back = null;
            for ($job = $last; null !== $job && !$this->canWait($job); $job = $this->before[$job->job->id][0] ?? null) {
                $back = $job;
            }
            $held[] = $back;
        }

        return array_values(array_filter($held));
    }

    /**
     * Whether what is held back finds its hands, its ring and its oven then.
     *
     * @param list<Placed> $others work of other braises
     */
    public function canBeWaitedFor(Kitchen $kitchen, \DateTimeImmutable $serve, array $others): bool
    {
        $later = $serve->modify(\sprintf('+%d minutes', $this->lateMinutes));
        $ids = [];
        foreach ($this->heldBack() as $held) {
            for ($id = $held->job->id; null !== $id; $id = $this->jobs[$id]->job->next ?? null) {
                $ids[$id] = true;
            }
        }
        if ([] === $ids) {
            return true;
        }
        $jobs = $standing = [];
        foreach ($this->placed as $one) {
            if (isset($ids[$one->job->id])) {
                $jobs[] = BraiseJobs::PLATE === $one->job->id ? $one->job->dueBy($later) : $one->job->freed();
            } elseif ($one->from < $serve) {
                $standing[] = $one;
            }
        }

        return null !== (new Scheduler($kitchen, $serve->modify('-6 hours'), $later, [...$standing, ...$others]))
            ->schedule($jobs, self::STEPS, Thoroughness::Any);
    }

    private function canWait(Placed $placed): bool
    {
        $waits = ($this->jobs[$placed->job->next ?? '']->from->getTimestamp() - $placed->to->getTimestamp()) / 60;

        return $placed->job->waits - $waits >= $this->lateMinutes;
    }
}
