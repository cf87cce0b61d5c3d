<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\CookRecord;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Outcome;

/** A cook as it begins: the braise as it is then, and what is expected of it. */
final readonly class BeginCook
{
    public function __construct(private Drafts $drafts)
    {
    }

    /** @param Outcome $outcome of the setting that it is switched on at */
    public function record(
        BraiseRecord $braise, BraiseDraft $draft, AdaptedBraise $adapted, Outcome $outcome, \DateTimeImmutable $at,
    ): CookRecord {
        $order = $adapted->order;
        $ready = $adapted->window($outcome, $order->wishes->texture);

        return new CookRecord($braise, $this->drafts->toArray($draft), $outcome->choice->value, $at, [
            'earliestHours' => $ready->earliest,
            'likelyHours' => $ready->likely,
            'latestHours' => $ready->latest,
            'serve' => $order->serveAt->format(\DATE_ATOM),
            'sauceMl' => $outcome->sauce->target,
            'endMl' => $outcome->sauce->atEnd->total,
            'setting' => $outcome->choice->value,
            'loadMl' => $outcome->sauce->load,
            'reduceMl' => $outcome->sauce->reduce,
            'starchGrams' => $outcome->slurry->grams,
            'saltPercent' => $outcome->salt->percentAfter,
        ], $order->cooker);
    }
}
