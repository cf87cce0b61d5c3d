<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A span of time of at least nothing, stored in seconds. */
final readonly class Duration
{
    private function __construct(public float $seconds)
    {
        Finite::atLeast(0.0, $seconds, 'duration');
    }

    public static function seconds(float $seconds): self
    {
        return new self($seconds);
    }

    public static function minutes(float $minutes): self
    {
        return new self($minutes * 60);
    }

    public static function hours(float $hours): self
    {
        return new self($hours * 3600);
    }

    public function inMinutes(): float
    {
        return $this->seconds / 60;
    }

    public function inHours(): float
    {
        return $this->seconds / 3600;
    }
}
