<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\EventKind;
use Pausis\App\Store\Learned;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Notebook\FoundReady;

/**
 * Ends a cook: a line in the notebook, and what it teaches kept with the cooker and the cut; and takes that back again.
 */
final readonly class CloseCooking
{
    public function __construct(
        private Cooks $cooks,
        private Learned $learned,
        private FollowCook $follow,
        private RunningPot $pot,
        private House $house,
    ) {
    }

    public function close(CookRecord $cook, \DateTimeImmutable $served, string $note): void
    {
        $this->cooks->close($cook, $this->house->now(), function (CookRecord $cook) use ($served, $note): NotebookRecord {
            if (null === $cook->last(EventKind::Eaten->value)) {
                $cook->events = [...$cook->events, ['kind' => EventKind::Eaten->value, 'at' => $served->format(\DATE_ATOM), 'value' => '']];
            }
            $order = $this->pot->order($cook);
            $ready = FoundReady::of($this->pot->running($cook), $order->wishes->texture);
            $sauce = $cook->last('sauce');
            $entry = new NotebookRecord($cook, $cook->braise->title, $cook->switchedOn, $cook->planned, [
                'notReadyHours' => $ready->after,
                'readyHours' => $ready->by,
                'serve' => $served->format(\DATE_ATOM),
                'endMl' => null === $sauce ? null : (float) $sauce['value'],
                ...$this->learn($cook),
                'tests' => (float) \count($cook->of('fork')),
            ], $note);
            if (null !== $cook->said) {
                $entry->say([...$cook->said, 'note' => '' === $note ? $cook->said['note'] : $note]);
            }

            return $entry;
        });
    }

    /** Open again, as if it had not been closed; what later cooks have taught since stays. */
    public function reopen(CookRecord $cook): void
    {
        $this->cooks->reopen($cook, function (CookRecord $cook): void {
            [$before, $after] = [$cook->closing['before'] ?? null, $cook->closing['after'] ?? null];
            if (null !== $before && $this->learned->belief()->toKeep() == $after) {
                $this->learned->keep(Belief::kept($before));
            }
        });
    }

    /**
     * Without a fork test or a thermometer nothing is learned.
     *
     * @return array{heatPercent: float|null, needPercent: float|null} by how much more or less than was thought at first
     */
    private function learn(CookRecord $cook): array
    {
        // Of several meats the fork tells of one, and nobody knows of which.
        if (([] === $cook->of('fork') && [] === $cook->of('probe')) || [] !== $this->pot->order($cook)->meat->others) {
            return ['heatPercent' => null, 'needPercent' => null];
        }
        $order = $this->pot->order($cook);
        $cooker = \is_string($cook->draft['cookerId'] ?? null) ? $cook->draft['cookerId'] : '';
        $joint = $order->meat->joint;
        $before = $this->learned->belief();
        // What was left out before it was opened again stays so.
        $after = true === ($cook->said['leftOut'] ?? false) ? $before : $this->follow->learned(
            $order, $this->pot->running($cook), new Knowledge($before, $cooker, $joint->cut, $joint->measured),
        );
        $this->learned->keep($after);
        $cook->closing = ['cookerId' => $cooker, 'cut' => $joint->cut->id, 'before' => $before->toKeep(), 'after' => $after->toKeep()];

        return [
            'heatPercent' => $after->percent(Knowledge::heatOf($cooker)),
            'needPercent' => $after->percent(Knowledge::needOf($joint->cut->id)),
        ];
    }
}
