<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A pot at an hour after switching on, as it is believed to have been, °C. */
final readonly class CourseView
{
    public function __construct(public float $hour, public float $pot, public float $core)
    {
    }
}
