<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Tenderness\Doneness;

/** What one way of running the cooker comes to. */
final readonly class SettingOutcome
{
    /**
     * @param array<string, Window> $windows     by doneness: slices, fork, pulls, past
     * @param Course                $best        the best guess, traced
     * @param float                 $fill        height of everything over the insert's depth
     * @param array{float, float}   $levels      height of the liquid over the depth, at loading and at the end
     * @param float                 $fridgeTo60  hours from the fridge until all is past 60 °C in nine pots of ten, INF if never
     * @param Finding|null          $unsafe      why this way is refused
     * @param Window                $coreSafe    hours until the core is as hot as this meat must be
     * @param float                 $lookMinutes that the planned looks under the lid cost, or one look would
     * @param Window                $planned     of the texture wanted, its end as sure as the cook wants to be
     */
    public function __construct(
        public ProgramChoice $choice,
        public array $windows,
        public Window $core60,
        public Window $pot60,
        public Course $best,
        public SaucePlan $sauce,
        public SaltBalance $salt,
        public PotGeometry $geometry,
        public float $fill,
        public array $levels,
        public Sum $before,
        public Sum $finish,
        public float $fridgeTo60,
        public ?Finding $unsafe,
        public DayPlan|Clash $day,
        public Window $coreSafe,
        public float $lookMinutes,
        public Window $planned,
    ) {
    }

    public function works(): bool
    {
        return null === $this->unsafe && $this->day instanceof DayPlan;
    }

    /**
     * The day for another dinner, or with the sauce done sooner.
     *
     * @param int $sauceWaits minutes that it stands covered before plating
     */
    public function planFor(BraiseOrder $order, \DateTimeImmutable $serve, int $sauceWaits = 0): DayPlan|Clash
    {
        return self::day($order, $this->choice->program($order->cooker, $order->handling), $this->planned, $this->windows[Doneness::Past->value], $this->coreSafe,
            new BackwardPlan($order->now, $serve, $order->kitchen->people, HandsOn::lead($this->before), $this->finish->total + $sauceWaits));
    }

    /** A pot that is on is planned from its start; another as the plan or the cook has it. */
    public static function day(BraiseOrder $order, Program $program, Window $ready, Window $past, Window $coreSafe, BackwardPlan $plan): DayPlan|Clash
    {
        $on = $order->handling->switchOn;
        $test = self::testFrom($order, $coreSafe);

        return null !== $on && $order->handling->isOn ? $plan->follow($on, $program, $ready, $past, $test, null) : $plan->solve($program, $ready, $past, $test, $on);
    }

    /** Hours until a fork test can tell: poultry is hot enough first, in nine pots of ten. */
    public static function testFrom(BraiseOrder $order, Window $coreSafe): float
    {
        return $order->joint->cut->isPoultry() ? (float) $coreSafe->latest : 0.0;
    }

    public function on(DayPlan $day, Sum $finish): self
    {
        return $this->changed($this->before, $finish, $day);
    }

    /** With other work before switching on. */
    public function after(Sum $before): self
    {
        return $this->changed($before, $this->finish, $this->day);
    }

    private function changed(Sum $before, Sum $finish, DayPlan|Clash $day): self
    {
        return new self($this->choice, $this->windows, $this->core60, $this->pot60, $this->best, $this->sauce, $this->salt, $this->geometry, $this->fill, $this->levels,
            $before, $finish, $this->fridgeTo60, $this->unsafe, $day, $this->coreSafe, $this->lookMinutes, $this->planned);
    }
}
