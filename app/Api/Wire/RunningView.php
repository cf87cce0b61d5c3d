<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A pot that is on, as it is now. */
final readonly class RunningView
{
    /**
     * @param int             $flags  how many things are wrong with it
     * @param MomentView|null $moment the best guess
     */
    public function __construct(
        public string $cookId,
        public string $braiseId,
        public string $cookerId,
        public string $title,
        public string $setting,
        public string $sinceOn,
        public ?TaskView $next,
        public string $nextIn,
        public string $headline,
        public string $late,
        public int $flags,
        public ?PotView $pot,
        public ?MomentView $moment,
        public string $coreText,
        public RibbonView $ribbon,
    ) {
    }
}
