<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;

/** Something observed while the pot cooked. */
interface Evidence
{
    public function at(): Duration;

    /**
     * How well a member explains it, up to a constant.
     *
     * @param Sample $sample what the member's pot was like at that time
     * @param float  $need   hours at 90 °C that the member's meat needs
     */
    public function logLikelihood(Sample $sample, float $need): float;

    /** As it counts beside what else was observed. */
    public function besides(self ...$others): self;
}
