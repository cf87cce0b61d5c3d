<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What scaling a draft changes in it, and what it leaves as it is. */
final readonly class ScaledView
{
    /** @param array<string, mixed> $change a JSON merge patch (RFC 7396) of the draft */
    public function __construct(public array $change, public string $text)
    {
    }
}
