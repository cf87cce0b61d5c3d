<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Notebook\FoundReady;
use Pausis\Core\Notebook\Held;

/** What is to be said of a cook that is over. */
final readonly class Cooked
{
    public function __construct(private FollowCook $follow, private RunningPot $pot, private Faults $faults)
    {
    }

    /** As it was kept; pages of before kept no look that found it not ready. */
    public function ready(NotebookRecord $entry): FoundReady
    {
        $hours = static fn (string $key): ?float => is_numeric($entry->happened[$key] ?? null) ? (float) $entry->happened[$key] : null;

        return new FoundReady($hours('notReadyHours'), $hours('readyHours'));
    }

    public function held(NotebookRecord $entry): Held
    {
        $hours = static fn (string $key): ?float => is_numeric($entry->planned[$key] ?? null) ? (float) $entry->planned[$key] : null;

        return $this->ready($entry)->within($hours('earliestHours'), $hours('latestHours'));
    }

    /** The pot's course as it is believed to have been, by what was known before it; null where its recipe can't be worked out any more. */
    public function course(NotebookRecord $entry): ?Course
    {
        return $this->faults->or(function () use ($entry): Course {
            $order = $this->pot->asCooked($entry->cook);
            $before = $entry->cook->closing['before'] ?? null;
            $joint = $order->meat->joint;

            return $this->follow->course($order, $this->pot->running($entry->cook), null === $before ? null : new Knowledge(
                Belief::kept($before), $entry->cookerId, $joint->cut, $joint->measured,
            ));
        }, static fn (): null => null);
    }
}
