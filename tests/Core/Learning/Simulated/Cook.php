<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Pausis\Core\Learning\Window;

/** One cook: what was said of it, and what was true. Hours. */
final readonly class Cook
{
    /**
     * @param Window       $first   before any evidence
     * @param float        $ready   with the looks that were taken
     * @param list<Window> $windows after each answer that it wasn't ready
     * @param float        $past    when it was past its best
     */
    public function __construct(public Window $first, public float $ready, public array $windows, public int $looks, public float $past)
    {
    }

    public function isInside(): bool
    {
        return $this->ready >= ($this->first->earliest ?? 0.0) - 1e-6 && $this->ready <= ($this->first->latest ?? \INF) + 1e-6;
    }
}
