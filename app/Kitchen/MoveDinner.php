<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\EventKind;
use Pausis\Core\Problem\InvalidInput;
use Pausis\Core\Problem\Problem;

/** Guests are late, early, more or fewer, told at the stove: the braise's own dinner moves, and a record of it can be taken back. */
final readonly class MoveDinner
{
    public function __construct(
        private Cooks $cooks, private Drafts $drafts, private FollowBraise $follow, private House $house,
    ) {
    }

    /**
     * @param int                                       $later  minutes
     * @param string                                    $serves how many eat; empty for as many as before
     * @param string                                    $id     of the record; one that comes twice is taken once
     * @param callable(BraiseRecord, BraiseDraft): void $keep   what is typed of the braise: another window that has it open is told
     *
     * @throws InvalidInput where dinner would be over
     */
    public function move(CookRecord $cook, int $later, string $serves, string $id, callable $keep): void
    {
        if ('' !== $id && \in_array($id, array_column($cook->events, 'id'), true)) {
            return;
        }
        $was = $this->typed($cook->braise, 'serveAt');
        $wasServes = $this->typed($cook->braise, 'serves');
        $planned = DraftOrder::moment($was, $this->house->record()->zone(), true);
        $serve = $planned?->setTimestamp($planned->getTimestamp() + 60 * $later);
        if (0 !== $later && (null === $serve || $serve <= $this->house->now())) {
            throw new InvalidInput([new Problem('serve-in-the-past', 'later')]);
        }
        $at = 0 === $later ? $was : $serve->format('Y-m-d\TH:i');
        $settled = $this->follow->settled($cook->braise);
        $keep($cook->braise, $this->drafts->fromArray(
            [...$cook->braise->draft, 'serveAt' => $at, 'serves' => '' === $serves ? $wasServes : $serves],
        ));
        $this->cooks->record($cook, [
            ...('' === $id ? [] : ['id' => $id]), 'kind' => EventKind::Dinner->value, 'at' => $this->house->now()->format(\DATE_ATOM),
            'value' => $at, 'was' => $was, 'serves' => $serves, 'wasServes' => $wasServes, 'settled' => $settled,
        ]);
    }

    /**
     * As it was before a record said otherwise, unless it has been changed since.
     *
     * @param callable(BraiseRecord, BraiseDraft): void $keep
     */
    public function back(CookRecord $cook, string $event, callable $keep): void
    {
        $events = array_values(array_filter($cook->events, static fn (array $e): bool => '' === $event
            ? ($e['made'] ?? 0) === max(0, ...array_column($cook->events, 'made')) : ($e['id'] ?? '') === $event));
        $moved = $events[0] ?? null;
        if (EventKind::Dinner->value !== ($moved['kind'] ?? '')) {
            return;
        }
        $back = [];
        if ($this->typed($cook->braise, 'serveAt') === $moved['value']) {
            $back['serveAt'] = $moved['was'] ?? $moved['value'];
        }
        if ('' !== ($moved['serves'] ?? '') && $this->typed($cook->braise, 'serves') === $moved['serves']) {
            $back['serves'] = $moved['wasServes'] ?? $moved['serves'];
        }
        if ([] !== $back) {
            $keep($cook->braise, $this->drafts->fromArray([...$cook->braise->draft, ...$back]));
        }
    }

    private function typed(BraiseRecord $braise, string $field): string
    {
        $typed = $braise->draft[$field] ?? '';

        return \is_string($typed) ? $typed : '';
    }
}
