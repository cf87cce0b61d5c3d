<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;

/** What has been done about a pot that is on and isn't as it should be. Only such facts lift a safety rule. */
final readonly class CookFacts
{
    /**
     * @param Duration|null $beansBoiled hard, the longest time that was recorded
     * @param Mass|null     $takenOut    meat, taken out again; reckoned as if it had never been in
     * @param bool          $thawed      the meat was thawed when it went in, whatever the recipe says
     * @param float         $poured      mL of liquid that were added; ladled off where negative
     */
    public function __construct(
        public ?Duration $beansBoiled = null,
        public ?Mass $takenOut = null,
        public bool $thawed = false,
        public float $poured = 0.0,
    ) {
    }

    public function applied(BraiseOrder $order): BraiseOrder
    {
        $order = null !== $this->takenOut ? $order->withJoint($order->meat->joint->without($this->takenOut)) : $order;

        return $order->after($order->meat->beforehand->asItIs($this->thawed))->toppedUp($this->poured);
    }
}
