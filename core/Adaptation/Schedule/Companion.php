<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Side;

/** Another braise of the same day whose work may still be placed anew. */
final readonly class Companion
{
    /**
     * @param OtherPot                          $pot   as it is planned so far
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins  by job
     */
    public function __construct(
        public string $id, public OtherPot $pot, public AdaptedBraise $braise, public array $sides, public array $pins,
    ) {
    }
}
