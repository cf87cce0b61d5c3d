<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Pausis\Core\Learning\Window;

/** One cook: what was said of it, and what was true. Hours after switching on. */
final readonly class Cook
{
    /**
     * @param Window       $first   before any evidence
     * @param float        $ready   with the looks that were taken
     * @param list<Window> $windows after each answer that it wasn't ready
     * @param float        $past    when it was past its best
     * @param float        $dinner  when the sauce was to be begun, so that nine in ten be ready
     * @param float|null   $moved   when dinner was first said to move
     * @param Window       $core60  as told
     * @param float        $reached when the core truly was at 60 °C
     * @param list<string> $answers
     * @param list<float>  $asked   when
     */
    public function __construct(
        public Window $first, public float $ready, public array $windows, public float $past, public float $dinner, public ?float $moved,
        public Window $core60, public float $reached, private array $answers, private array $asked,
    ) {
    }

    /** When the so many-th answer was given. */
    public function lastOf(int $answers): float
    {
        return $this->asked[$answers - 1] ?? \INF;
    }

    public function wasFoundReadyBy(float $hour): bool
    {
        $last = \count($this->answers) - 1;

        return $last >= 0 && \in_array($this->answers[$last], ['slides-in', 'falls-apart'], true) && $this->asked[$last] <= $hour;
    }

    public function isInside(): bool
    {
        return self::holds($this->first, $this->ready);
    }

    public static function holds(Window $window, float $ready): bool
    {
        return $ready >= ($window->earliest ?? 0.0) - 1e-6 && $ready <= ($window->latest ?? \INF) + 1e-6;
    }
}
