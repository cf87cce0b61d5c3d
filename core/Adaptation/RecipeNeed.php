<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Heat\Room;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;

/**
 * What the recipe's own time says of the meat's need, put together with what is known of the cut.
 *
 * A recipe that disagrees by more than two of the joint standard deviations is not believed: it was written for other
 * pieces than the cook has, or for another idea of tender.
 */
final readonly class RecipeNeed
{
    private const BELIEVED_WITHIN_SIGMAS = 2.0;
    /** A slow cooker's recipe tells hours that suit a day, and leaves them long: it says less of the meat. */
    private const SIGMA_OF_SLOW_COOKER = 0.4;

    /** All in hours at 90 °C; sigma is of the logarithm. */
    private function __construct(
        public float $ofCut,
        public float $implied,
        public float $combined,
        public float $sigma,
        public bool $believed,
    ) {
    }

    /**
     * @param Mass $pot all that the recipe's pot held
     *
     * @return self|null null where the recipe says nothing of use
     */
    public static function from(OriginalMethod $original, Joint $joint, Room $room, Mass $pot): ?self
    {
        if (Method::SlowCooker === $original->method) {
            return null;
        }
        $implied = (new OtherWay($original, $room, $pot))->impliedNeed($joint, Doneness::Fork);

        return $implied > 0 ? self::weighed($joint, $implied, OtherWay::SIGMA_OF_RECIPE) : null;
    }

    /**
     * Of a recipe written for a slow cooker, by what its own hours amount to in this pot.
     *
     * @param float $dose hours at 90 °C that the middle of the meat has had by the recipe's earliest
     */
    public static function fromSlowCooker(float $dose, Joint $joint): ?self
    {
        $implied = $dose / $joint->cut->level(Doneness::Fork);

        return $implied > 0 ? self::weighed($joint, $implied, self::SIGMA_OF_SLOW_COOKER) : null;
    }

    private static function weighed(Joint $joint, float $implied, float $sigma): self
    {
        $apart = abs(log($implied / $joint->needHours)) / hypot($joint->needSigma, $sigma);
        if ($apart > self::BELIEVED_WITHIN_SIGMAS) {
            return new self($joint->needHours, $implied, $joint->needHours, $joint->needSigma, false);
        }
        [$combined, $combinedSigma] = OtherWay::combined($joint->needHours, $joint->needSigma, $implied, $sigma);

        return new self($joint->needHours, $implied, $combined, $combinedSigma, true);
    }
}
