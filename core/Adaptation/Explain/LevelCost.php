<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Liquid\LevelSchool;

/** What a level school comes to in the pot as it is run. */
final readonly class LevelCost
{
    /**
     * @param float $load          mL of liquid
     * @param float $levelMetres   when loaded
     * @param float $fill          of the insert's depth
     * @param float $reduce        mL to boil off at the end
     * @param float $reduceMinutes in the pan
     * @param float $saltPercent   at the end
     */
    public function __construct(
        public LevelSchool $school,
        public float $load,
        public float $levelMetres,
        public float $fill,
        public float $reduce,
        public float $reduceMinutes,
        public float $saltPercent,
    ) {
    }
}
