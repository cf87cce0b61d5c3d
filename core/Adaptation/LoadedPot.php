<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\HandsOn;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Liquid\PotEnd;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Tenderness\Doneness;

/** What an order loads for one way of running the cooker, and its best guess. */
final readonly class LoadedPot
{
    /** @param Course $best traced */
    public function __construct(
        public BraiseOrder $order,
        public Setup $setup,
        public PotGeometry $geometry,
        public SaucePlan $sauce,
        public PotEnd $end,
        public Course $best,
    ) {
    }

    /** Minutes of work before switching on. */
    public function before(): Sum
    {
        return HandsOn::before($this->order->potIngredients(), $this->order->joint, $this->sauce, $this->order->kitchen->pan(), $this->order->handling->preparation());
    }

    /** Minutes from beginning the sauce to the plate. */
    public function finish(): Sum
    {
        return HandsOn::finish($this->sauce, Thickness::Stock !== $this->order->thickness && !$this->order->choices->refuses('thicken'), $this->order->kitchen->pan(),
            Doneness::Pulls === $this->order->texture ? $this->order->joint->boneless : null);
    }
}
