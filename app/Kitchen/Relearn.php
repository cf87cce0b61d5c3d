<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\Learned;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;

/**
 * Learns anew from a cook on, where that one is left out or taken in again: the later ones teach in the order in which they were closed,
 * as if it had never been, or been.
 */
final readonly class Relearn
{
    /** By as many later cooks, what one has taught is forgotten. */
    private const MOST = 120;

    public function __construct(
        private Notebook $notebook, private Learned $learned, private FollowCook $follow, private RunningPot $pot, private Faults $faults,
    ) {
    }

    public function from(NotebookRecord $changed): void
    {
        $taught = array_values(array_filter($this->notebook->all(), static fn (NotebookRecord $n): bool => null !== $n->cook->closing));
        usort($taught, static fn (NotebookRecord $a, NotebookRecord $b): int => $a->cook->closedAt <=> $b->cook->closedAt);
        $first = array_search($changed, $taught, true);
        if (false === $first || \count($taught) - $first > self::MOST) {
            return;
        }
        $now = $this->learned->belief();
        $belief = Belief::kept($taught[$first]->cook->closing['before'] ?? []);
        $was = $belief;
        foreach (\array_slice($taught, $first) as $entry) {
            $before = Belief::kept($entry->cook->closing['before'] ?? []);
            // Between two cooks a water test was made, or something forgotten: that stands.
            $belief = $belief->asElsewhere($was, $before);
            $was = Belief::kept($entry->cook->closing['after'] ?? []);
            $belief = $this->taught($entry, $belief);
        }
        $this->learned->keep($belief->asElsewhere($was, $now));
    }

    private function taught(NotebookRecord $entry, Belief $before): Belief
    {
        $this->learned->keep($before);
        $after = $entry->leftOut ? $before : $this->faults->or(function () use ($entry, $before): Belief {
            $order = $this->pot->asCooked($entry->cook);
            $joint = $order->meat->joint;

            return $this->follow->learned(
                $order, $this->pot->running($entry->cook), new Knowledge($before, $entry->cookerId, $joint->cut, $joint->measured),
            );
        }, static fn (): Belief => $before);
        if (null !== $entry->cook->closing) {
            $entry->cook->closing = [...$entry->cook->closing, 'before' => $before->toKeep(), 'after' => $after->toKeep()];
        }
        $entry->happened = [
            ...$entry->happened, 'heatPercent' => $after->percent(Knowledge::heatOf($entry->cookerId)),
            'needPercent' => $after->percent(Knowledge::needOf($entry->cut)),
        ];

        return $after;
    }
}
