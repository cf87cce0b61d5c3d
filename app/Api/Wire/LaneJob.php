<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A job on a lane, from and to in ISO 8601. */
final readonly class LaneJob
{
    public function __construct(public string $from, public string $to, public string $text, public bool $hands, public bool $done)
    {
    }
}
