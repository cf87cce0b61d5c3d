<?php

declare(strict_types=1);

namespace Pausis\Core\Notebook;

use Pausis\Core\Following\RunningCook;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Tenderness\Doneness;

/** Between which looks the meat became ready: after the last that found it not yet, by the first that did. Hours after switching on. */
final readonly class FoundReady
{
    /**
     * @param float|null $after null where no look found it not ready
     * @param float|null $by    null where none found it ready
     */
    public function __construct(public ?float $after, public ?float $by)
    {
    }

    public static function of(RunningCook $cook, Doneness $texture): self
    {
        $after = null;
        foreach ($cook->evidence as $one) {
            $after = $one instanceof ForkTest && !$one->answer->reaches($texture) ? $one->at()->inHours() : $after;
        }

        return new self($after, $cook->readyAfter($texture)?->inHours());
    }

    /**
     * Whether it fell into a window; told only where the looks leave no other answer.
     *
     * @param float|null $earliest hours after switching on; null where the window was none
     * @param float|null $latest   null where the window had no end
     */
    public function within(?float $earliest, ?float $latest): Held
    {
        return match (true) {
            null === $earliest => Held::Untold,
            null !== $this->by && $this->by < $earliest => Held::TooSoon,
            null !== $this->after && null !== $latest && $this->after > $latest => Held::TooLate,
            null !== $this->by && null !== $this->after && $this->after >= $earliest
                && (null === $latest || $this->by <= $latest) => Held::Inside,
            default => Held::Untold,
        };
    }

    /** Whether it was ready by so many hours; null where nobody looked at a time that would tell. */
    public function inTime(?float $latest): ?bool
    {
        return match (true) {
            null === $latest => null,
            null !== $this->by && $this->by <= $latest => true,
            null !== $this->after && $this->after > $latest => false,
            default => null,
        };
    }
}
