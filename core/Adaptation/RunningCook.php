<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\ProbeReading;

/** A pot that is on, and what has been seen and done since. */
final readonly class RunningCook
{
    /**
     * @param list<ForkTest|ProbeReading> $evidence   in order of time
     * @param list<SettingChange>         $turned     by hand since switching on
     * @param \DateTimeImmutable|null     $sauceBegun when the liquid left was first measured
     */
    public function __construct(
        public \DateTimeImmutable $switchedOn,
        public ProgramChoice $choice,
        public array $evidence,
        public array $turned = [],
        public ?\DateTimeImmutable $sauceBegun = null,
    ) {
    }
}
