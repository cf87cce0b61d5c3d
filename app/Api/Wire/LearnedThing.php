<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something that is known of a cooker, a cut or the household, and how that came. */
final readonly class LearnedThing
{
    /**
     * @param string             $id     of a cooker, to be forgotten by; empty of others
     * @param list<LearnedPoint> $course cook by cook; empty where only the present is known
     * @param list<TickView>     $ticks  of its scale, percent of what was thought at first
     */
    public function __construct(
        public string $id, public string $name, public string $says, public array $course, public array $ticks,
    ) {
    }
}
