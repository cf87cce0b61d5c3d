<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Explain\Sum;

/** Liquid added to a sauce, with the starch in grams that keeps its thickness, ending at this share of salt. */
final readonly class Diluted
{
    public function __construct(public Sum $liquid, public float $starchGrams, public float $salt)
    {
    }
}
