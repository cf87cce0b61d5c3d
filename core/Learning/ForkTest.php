<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;

final readonly class ForkTest implements Evidence
{
    public function __construct(private Duration $at, public ForkAnswer $answer)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        return $this->answer->logProbability($sample->dose / $need);
    }
}
