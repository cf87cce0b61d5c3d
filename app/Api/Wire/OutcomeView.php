<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What one way of running the cooker comes to. */
final readonly class OutcomeView
{
    /**
     * @param list<WindowView> $windows
     * @param list<MomentView> $curve
     * @param list<PotLine>    $pots        ten such pots
     * @param string           $why         it was chosen; empty of the others
     * @param string           $switchOn    ISO 8601, empty where no plan works
     * @param float            $serveHour   hours after switching on
     * @param string           $core60Clock when nine pots in ten are past 60 °C, where a plan works
     * @param string           $limitClock  when they must be
     * @param string           $sixty       60 °C in the house’s units
     * @param string           $help        what would narrow the window most
     */
    public function __construct(
        public string $setting,
        public string $label,
        public array $windows,
        public array $curve,
        public bool $safe,
        public string $safety,
        public bool $works,
        public bool $chosen,
        public string $why,
        public string $day,
        public string $switchOn,
        public float $serveHour,
        public float $core60Latest,
        public array $pots,
        public string $core60Clock,
        public string $limitClock,
        public string $sixty,
        public string $help,
    ) {
    }
}
