<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Quantity\Duration;

/** So much boiled off, in so long, ending at this share of salt. */
final readonly class Reduced
{
    public function __construct(public float $grams, public Duration $time, public float $salt)
    {
    }
}
