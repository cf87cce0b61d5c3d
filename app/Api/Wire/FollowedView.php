<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** How far a braise has come, and what has moved of its plan. */
final readonly class FollowedView
{
    /**
     * @param string            $state   planned, begun, on, finishing, eaten, put-away
     * @param string            $moved   one sentence; empty where the plan stands
     * @param list<OverdueView> $overdue
     */
    public function __construct(public string $state, public string $moved, public array $overdue)
    {
    }
}
