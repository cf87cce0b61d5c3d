<?php

declare(strict_types=1);

namespace Pausis\Core\Cooker;

enum Setting: string
{
    case Off = 'off';
    case Warm = 'warm';
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';

    /**
     * Heat reaching the insert, as a share of what reaches it on High.
     * Estimates: Low levels off near 95 °C at sea level. Warm is a thermostat and may draw as much as Low.
     */
    public function shareOfHigh(): float
    {
        return match ($this) {
            self::Off => 0.0,
            self::Warm, self::Low => 0.68,
            self::Medium => 0.84,
            self::High => 1.0,
        };
    }

    /** What a factor on Low's heat beside High's comes to on this setting; Medium is halfway between them. */
    public function lowsShare(float $factor): float
    {
        return match ($this) {
            self::Low => $factor,
            self::Medium => sqrt($factor),
            default => 1.0,
        };
    }

    public function cooks(): bool
    {
        return self::Off !== $this && self::Warm !== $this;
    }
}
