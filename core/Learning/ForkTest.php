<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;

final readonly class ForkTest implements Evidence
{
    /** No answer is impossible: forks, hands and places in the meat differ. */
    private const FLOOR = 1e-4;

    public function __construct(private Duration $at, public ForkAnswer $answer)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        return log(max(self::FLOOR, $this->answer->probability($sample->dose / $need)));
    }
}
