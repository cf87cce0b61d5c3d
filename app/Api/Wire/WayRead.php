<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One way in which a recipe says that it may be cooked, in words and as the draft would have it. */
final readonly class WayRead
{
    public function __construct(public string $text, public OriginalDraft $original)
    {
    }
}
