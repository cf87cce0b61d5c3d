<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What may be wrong with a sauce or its meat, and what to do about it in this pot. */
final readonly class TroubleView
{
    public function __construct(public string $code, public string $label, public string $text)
    {
    }
}
