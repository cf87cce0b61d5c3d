<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Day\Chain;
use Pausis\Core\Day\Loading;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Thoroughness;

/** A braise's work before switching on: one piece after the other, or else as several hands or an interruption allow. */
final readonly class LoadingJobs implements Loading
{
    private Chain $chain;

    public function __construct(private BraiseOrder $order, private Work $work)
    {
        $this->chain = $work->toLoading();
    }

    public function minutes(): int
    {
        return $this->chain->minutes();
    }

    public function isDoneBy(\DateTimeImmutable $on, People $people, \DateTimeImmutable $now): bool
    {
        return $this->chain->isDoneBy($on, $people, $now) || $this->isPlaced($on, $people, $now);
    }

    private function isPlaced(\DateTimeImmutable $on, People $people, \DateTimeImmutable $now): bool
    {
        $jobs = (new BraiseJobs($this->order, $this->work))->loading($on);
        foreach ($jobs as $job) {
            if (null === $job->next && $job->hands && null === $people->who($on->modify("-$job->minutes minutes"), $on)) {
                return false;
            }
        }

        return null !== (new Scheduler($this->order->kitchen->with($people), $now, $on))->schedule(
            $jobs, Planner::QUICK_STEPS, Thoroughness::Any,
        );
    }
}
