<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Recipe\OriginalMethod;

/** Finishing a running pot another way, begun now: when the meat is likely to have its texture, and has it in nine pots of ten. */
final readonly class Elsewhere
{
    public function __construct(public OriginalMethod $way, public Duration $likely, public Duration $latest)
    {
    }
}
