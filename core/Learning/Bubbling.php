<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;

/**
 * How the liquid was seen to bubble, the lid on: a coarse thermometer. Kitchens call it a bare simmer where bubbles stand at the
 * rim, some 15 K below the boil, and a boil where they come all over, from 4 K below it; where one ends and the next begins is
 * seen within a few kelvin (docs/model.md §5).
 */
final readonly class Bubbling implements Evidence
{
    /** Kelvin below the boil from which on bubbles stand at the rim, and from which on they come all over. */
    private const RIM = 15.0;
    private const ALL_OVER = 4.0;
    /** Of a logistic, K: within so much of it one in four would call it otherwise. */
    private const RIM_SCALE = 2.5;
    private const ALL_OVER_SCALE = 1.5;
    /** Looked at in bad light, a lid full of drops: so many say anything. */
    private const CARELESS = 0.05;

    public function __construct(private Duration $at, public Bubbles $seen, private Temperature $boil)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        $below = $this->boil->celsius - $sample->potCelsius;
        $any = 1 / (1 + exp(($below - self::RIM) / self::RIM_SCALE));
        $all = $any / (1 + exp(($below - self::ALL_OVER) / self::ALL_OVER_SCALE));
        $seen = match ($this->seen) {
            Bubbles::None => 1 - $any,
            Bubbles::AtTheRim => $any - $all,
            Bubbles::AllOver => $all,
        };

        return log((1 - self::CARELESS) * $seen + self::CARELESS / \count(Bubbles::cases()));
    }

    public function besides(Evidence ...$others): Evidence
    {
        return $this;
    }
}
