<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;

final readonly class ForkTest implements Evidence
{
    public function __construct(private Duration $at, public ForkAnswer $answer, private bool $corrected = false)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        return $this->answer->logProbability($sample->dose / $need, $this->corrected);
    }

    /** As it counts beside what was observed later. */
    public function besides(Evidence ...$others): Evidence
    {
        foreach ($others as $other) {
            if ($other instanceof self && $other->at->seconds > $this->at->seconds && $other->answer->corrects($this->answer)) {
                return new self($this->at, $this->answer, true);
            }
        }

        return $this;
    }
}
