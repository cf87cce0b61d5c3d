<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\Process;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Safety\Finding;

/** What one way of running the cooker comes to, in hours from switching on: no day, no date. */
final readonly class Outcome
{
    /**
     * @param array<string, Window> $windows by doneness: slices, fork, pulls, past
     * @param Window                $planned of the texture wanted, its end as sure as the cook wants to be
     * @param Course                $best    the best guess, traced
     * @param Process               $process what is done, in order
     * @param Work                  $work    that it takes
     * @param Slurry                $slurry  that is stirred in; none where it is refused
     * @param Finding|null          $unsafe  why this way is refused
     * @param Joint                 $slowest the meat that is tender last, whose the hours are
     * @param Narrowing|null        $help    what would narrow the window most
     * @param float                 $helpAt  hours after switching on at which a thermometer would be read for that
     */
    public function __construct(
        public ProgramChoice $choice,
        public array $windows,
        public Window $planned,
        public Heating $heating,
        public Course $best,
        public SaucePlan $sauce,
        public SaltBalance $salt,
        public Filling $filling,
        public Process $process,
        public Work $work,
        public Slurry $slurry,
        public ?Finding $unsafe,
        public Joint $slowest,
        public ?Narrowing $help = null,
        public float $helpAt = 0.0,
    ) {
    }

    public function helpedBy(?Narrowing $help, float $at): self
    {
        return $this->with(help: $help, helpAt: $at);
    }

    /** With what is left of its work. */
    public function working(Work $work): self
    {
        return $this->with(work: $work);
    }

    /**
     * As it is seen to go.
     *
     * @param array<string, Window> $windows by doneness
     */
    public function seen(array $windows, Work $work): self
    {
        return $this->with(windows: $windows, planned: $windows['fork'] ?? $this->planned, work: $work);
    }

    /** With another end of its work and its sauce. */
    public function closed(SaucePlan $sauce, SaltBalance $salt, Process $process, Work $work, Slurry $slurry): self
    {
        return $this->with(sauce: $sauce, salt: $salt, process: $process, work: $work, slurry: $slurry);
    }

    private function with(mixed ...$changed): self
    {
        /** @phpstan-ignore argument.type (its own properties, by name) */
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
