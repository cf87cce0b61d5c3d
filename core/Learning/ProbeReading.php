<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;

/** A thermometer in the meat's middle or in the liquid. */
final readonly class ProbeReading implements Evidence
{
    /** Standard deviation of a kitchen probe and of where its tip is, K. */
    private const SIGMA = 2.0;
    /** Degrees of freedom of its Student distribution: a tip in the air or against the wall says little, not something false. */
    private const FREEDOM = 4.0;
    /** Readings nearer to each other than that err together: they count as one. Seconds. */
    private const TOGETHER = 1800.0;
    /** And nearer than that they are one. Seconds. */
    private const ONE = 600.0;

    /** @param float $weight of readings that err together, the share of each */
    public function __construct(
        private Duration $at, public ProbePlace $place, public Temperature $reading, private float $weight = 1.0,
    ) {
    }

    /**
     * Readings of a few minutes are one, of their mean: a probe that stays in may be read by the hundred.
     *
     * @param list<Evidence> $evidence in order of time
     *
     * @return list<Evidence>
     */
    public static function merged(array $evidence): array
    {
        $merged = $groups = [];
        foreach ($evidence as $one) {
            if (!$one instanceof self) {
                $merged[] = $one;
                continue;
            }
            $last = array_key_last($groups[$one->place->value] ?? []);
            if (null !== $last && $one->at->seconds - $groups[$one->place->value][$last][0]->at->seconds < self::ONE) {
                $groups[$one->place->value][$last][] = $one;
            } else {
                $groups[$one->place->value][] = [$one];
            }
        }
        foreach ($groups as $place => $of) {
            foreach ($of as $readings) {
                $mean = static fn (array $values): float => array_sum($values) / \count($values);
                $merged[] = new self(
                    Duration::seconds($mean(array_map(static fn (self $r): float => $r->at->seconds, $readings))), ProbePlace::from($place),
                    Temperature::celsius($mean(array_map(static fn (self $r): float => $r->reading->celsius, $readings))),
                );
            }
        }
        usort($merged, static fn (Evidence $a, Evidence $b): int => $a->at()->seconds <=> $b->at()->seconds);

        return $merged;
    }

    public function at(): Duration
    {
        return $this->at;
    }

    public function logLikelihood(Sample $sample, float $need): float
    {
        $expected = ProbePlace::Core === $this->place ? $sample->coreCelsius : $sample->potCelsius;

        return $this->weight * self::logDensity($this->reading->celsius - $expected);
    }

    /** @param float $kelvin off; up to a constant */
    public static function logDensity(float $kelvin): float
    {
        return -(self::FREEDOM + 1) / 2 * log1p(($kelvin / self::SIGMA) ** 2 / self::FREEDOM);
    }

    public function besides(Evidence ...$others): Evidence
    {
        $near = array_filter($others, fn (Evidence $other): bool => $other instanceof self && $other->place === $this->place
            && abs($other->at->seconds - $this->at->seconds) <= self::TOGETHER);

        return new self($this->at, $this->place, $this->reading, 1 / max(1, \count($near)));
    }
}
