<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Recipe\OriginalMethod;

/** Finishing a running pot another way, begun now: in how long the meat is likely to have its texture. */
final readonly class Elsewhere
{
    public function __construct(public OriginalMethod $way, public Duration $time)
    {
    }
}
