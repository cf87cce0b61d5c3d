<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Liquid\PotGeometry;

/** How the pot is filled. */
final readonly class Filling
{
    /**
     * @param float               $fill   height of everything over the insert's depth
     * @param array{float, float} $levels height of the liquid over the depth, at loading and at the end
     */
    public function __construct(public PotGeometry $geometry, public float $fill, public array $levels)
    {
    }
}
