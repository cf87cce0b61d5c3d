<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

/**
 * What one simulated cook did. Times in hours after switching on, INF where not reached within the horizon.
 *
 * A trace row: hour, pot °C, core °C, dose in hours at 90 °C, grams evaporated.
 *
 * @phpstan-type TraceRow array{float, float, float, float, float}
 */
final readonly class Course
{
    /**
     * @param array{float, float, float, float} $doneness hours at which slices, fork, pulls, past are reached; none before the core is safe
     * @param list<TraceRow>                    $trace    empty unless asked for
     * @param list<Sample>                      $seen     one a watched time, in the order asked
     * @param EnergyAccount                     $energy   all heat that entered, left and stayed
     */
    public function __construct(
        public float $pot60,
        public float $core60,
        public float $safeCore,
        public array $doneness,
        public float $dose,
        public float $potCelsius,
        public float $coreCelsius,
        public float $evaporatedGrams,
        public array $trace,
        public array $seen,
        public EnergyAccount $energy,
    ) {
    }

    /** Hours at 90 °C that the middle of the meat has had by an hour; of a traced course. */
    public function doseAt(float $hour): float
    {
        $dose = 0.0;
        foreach ($this->trace as $row) {
            if ($row[0] > $hour) {
                break;
            }
            $dose = $row[3];
        }

        return $dose;
    }
}
