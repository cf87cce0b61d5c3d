<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Learning\Evidence;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Tenderness\Doneness;

/** A pot that is on, and what has been seen and done since. */
final readonly class RunningCook
{
    /**
     * @param \DateTimeImmutable      $switchedOn in the house's zone
     * @param list<Evidence>          $evidence   in order of time
     * @param list<SettingChange>     $turned     by hand since switching on
     * @param \DateTimeImmutable|null $sauceBegun when the cook said so
     * @param list<LostPower>         $cuts
     * @param \DateTimeImmutable|null $lifted     when the meat was lifted out
     * @param \DateTimeImmutable|null $eaten      when it was plated
     * @param Closing|null            $closing    how its sauce is closed, once that is said
     * @param list<LidLift>           $lids       the lid off, beside the looks
     * @param list<LateAddition>      $poured     liquid that was added
     */
    public function __construct(
        public \DateTimeImmutable $switchedOn,
        public ProgramChoice $choice,
        public array $evidence,
        public array $turned = [],
        public ?\DateTimeImmutable $sauceBegun = null,
        public array $cuts = [],
        public CookFacts $facts = new CookFacts(),
        public ?\DateTimeImmutable $lifted = null,
        public ?\DateTimeImmutable $eaten = null,
        public ?Closing $closing = null,
        public array $lids = [],
        public array $poured = [],
    ) {
    }

    /** With its sauce closed so; null leaves that open. */
    public function closing(?Closing $closing): self
    {
        return new self(
            $this->switchedOn, $this->choice, $this->evidence, $this->turned, $this->sauceBegun, $this->cuts, $this->facts, $this->lifted,
            $this->eaten, $closing, $this->lids, $this->poured,
        );
    }

    public function at(Duration $after): \DateTimeImmutable
    {
        return $this->switchedOn->setTimestamp((int) round($this->switchedOn->getTimestamp() + $after->seconds));
    }

    public function lastForkTest(): ?ForkTest
    {
        $tests = array_filter($this->evidence, static fn (Evidence $one): bool => $one instanceof ForkTest);

        return [] === $tests ? null : array_values($tests)[\count($tests) - 1];
    }

    public function lastReading(): ?ProbeReading
    {
        $readings = array_filter($this->evidence, static fn (Evidence $one): bool => $one instanceof ProbeReading);

        return [] === $readings ? null : array_values($readings)[\count($readings) - 1];
    }

    /** Since when the fork has found the texture wanted; a later answer that doesn't takes it back. */
    public function readyAfter(Doneness $texture): ?Duration
    {
        $ready = null;
        foreach ($this->evidence as $one) {
            if ($one instanceof ForkTest) {
                $ready = $one->answer->reaches($texture) ? $ready ?? $one->at() : null;
            }
        }

        return $ready;
    }
}
