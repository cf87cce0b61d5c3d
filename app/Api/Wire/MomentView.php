<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The best guess of one moment of a pot: hour after switching on, °C of the liquid and of the core, cm of liquid, shares of such pots. */
final readonly class MomentView
{
    /**
     * @param string $text   hours on, and the core, in words
     * @param float  $tender 0 to 1, of the texture wanted
     */
    public function __construct(
        public float $hour,
        public float $pot,
        public float $core,
        public float $level,
        public float $tender,
        public float $past,
        public string $text,
    ) {
    }
}
