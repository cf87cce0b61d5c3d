<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Another braise of the day, whose work keeps its time. */
final readonly class OtherPotView
{
    /** @param list<JobView> $jobs */
    public function __construct(public string $title, public array $jobs)
    {
    }
}
