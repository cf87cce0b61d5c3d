<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Meat\Joint;

/**
 * How uncertain each input is before any evidence: standard deviations, of the logarithm where a factor.
 * Estimates, docs/model.md §4.
 */
final readonly class Spread
{
    private const THICKNESS_BY_FORM = 0.10;
    private const THICKNESS_BY_RULER = 0.04;

    public function __construct(
        public float $heat = 0.08,
        public float $loss = 0.06,
        public float $need = 0.18,
        public float $thickness = self::THICKNESS_BY_FORM,
        public float $startKelvin = 3.0,
    ) {
    }

    /** A measured thickness narrows the window, the cut brings its own spread of need. */
    public static function of(Joint $joint): self
    {
        return new self(
            need: $joint->cut->needSigma,
            thickness: $joint->measured ? self::THICKNESS_BY_RULER : self::THICKNESS_BY_FORM,
        );
    }
}
