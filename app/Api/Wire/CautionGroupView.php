<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The usual cautions of one kind, in words. */
final readonly class CautionGroupView
{
    /** @param list<string> $cautions */
    public function __construct(public string $title, public array $cautions)
    {
    }
}
