<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;

final readonly class ProbeReading implements Evidence
{
    /** Standard deviation of a kitchen probe and of where its tip is, K. */
    private const SIGMA = 2.0;

    public function __construct(private Duration $at, public ProbePlace $place, public Temperature $reading)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        $expected = ProbePlace::Core === $this->place ? $sample->coreCelsius : $sample->potCelsius;

        return -0.5 * (($this->reading->celsius - $expected) / self::SIGMA) ** 2;
    }
}
