<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;

/**
 * Boiling sauce down in an open pan. A simmer gives off what its surface does; a rolling boil what the ring brings into the
 * pan, which a wider one takes up somewhat better. Estimates, docs/model.md §6.
 */
enum Reduction
{
    case RollingBoil;
    case SteadySimmer;
    /** A braise with its lid off. */
    case OpenPot;

    /** g/min in a pan of 24 cm: a ring of 1.8 kW, 55 % of it into the water. */
    private const RING = 26.0;
    private const RING_CM = 24.0;
    private const LEAST = 20.0;
    private const MOST = 35.0;
    /** kg/m²·min. */
    private const SIMMER = 0.16;
    private const LID_OFF = 0.095;

    public function gramsPerMinute(Length $pan): float
    {
        $area = \M_PI / 4 * $pan->metres ** 2;

        return match ($this) {
            self::RollingBoil => min(self::MOST, max(self::LEAST, self::RING * sqrt($pan->inCentimetres() / self::RING_CM))),
            self::SteadySimmer => min(self::MOST, 1000 * self::SIMMER * $area),
            self::OpenPot => min(self::MOST, 1000 * self::LID_OFF * $area),
        };
    }

    public static function timeFor(float $grams, Length $pan, self $how = self::RollingBoil): Duration
    {
        return Duration::minutes(max(0.0, $grams) / $how->gramsPerMinute($pan));
    }

    public static function gramsIn(float $minutes, Length $pan, self $how): float
    {
        return $minutes * $how->gramsPerMinute($pan);
    }
}
