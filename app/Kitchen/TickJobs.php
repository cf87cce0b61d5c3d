<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Cooks;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;

/** What is said of a braise's jobs, in whatever place: kept with the pot once that is on, and with the braise before. */
final readonly class TickJobs
{
    public function __construct(private Braises $braises, private Cooks $cooks, private FollowBraise $follow, private House $house)
    {
    }

    /**
     * @param string $is done, not-yet, or taken-back
     * @param string $id of the record; one that comes twice is kept once
     *
     * @throws InvalidInput where no such job is in the plan
     */
    public function tick(BraiseRecord $braise, string $job, string $is, \DateTimeImmutable $at, string $id = ''): void
    {
        if ('taken-back' !== $is && !$this->follow->knows($braise, $job)) {
            throw new InvalidInput([new Problem('not-in-the-plan', 'job')]);
        }
        $record = ['id' => $id, 'kind' => $is, 'at' => $at->format(\DATE_ATOM), 'value' => $job,
            'settled' => $this->follow->settled($braise)];
        $cook = $this->cooks->lately($braise, $this->house->now());
        if (null === $cook || 'taken-back' === $is) {
            $this->braises->tick($braise, $record);
        }
        if (null !== $cook) {
            'taken-back' === $is ? $this->cooks->takeBack($cook, $job) : $this->cooks->record($cook, $record);
        }
    }
}
