<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\CookRecord;
use Pausis\App\Store\EventKind;
use Pausis\Core\Learning\ForkAnswer;

/** A pot that is on as it would be followed if the fork were to say that now; nothing is kept of it. */
final readonly class SupposeAnswer
{
    public function __construct(private FollowBraise $follow, private House $house)
    {
    }

    /** @param array<string, string> $settled when they began, of jobs that count as done or under way as things are */
    public function of(CookRecord $cook, ForkAnswer $answer, array $settled): WorkedBraise
    {
        $supposed = clone $cook;
        $supposed->events[] = [
            'kind' => EventKind::Fork->value, 'at' => $this->house->now()->format(\DATE_ATOM), 'value' => $answer->value,
            'settled' => $settled,
        ];

        return $this->follow->cooking($supposed);
    }
}
