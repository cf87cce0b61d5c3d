<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** How, how long and how hot the recipe's author braised it. */
final readonly class OriginalMethod
{
    /** A gentle braising oven, where a recipe names none. */
    public const USUAL_OVEN_CELSIUS = 155.0;

    public function __construct(public Method $method, public float $hours, public ?float $ovenCelsius = null)
    {
    }
}
