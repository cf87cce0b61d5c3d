<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What could be changed when a braise is cooked again, each with what it does, and the next days on which it has a plan with that. */
final readonly class AgainView
{
    /**
     * @param list<ReadyChangeView> $changes
     * @param list<WayView>         $ways
     * @param string                $why     there is no day; empty where there is
     */
    public function __construct(public array $changes, public array $ways, public string $why)
    {
    }
}
