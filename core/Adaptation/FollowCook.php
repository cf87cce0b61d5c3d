<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\PotRun;
use Pausis\Core\Adaptation\Internal\CookFlags;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Chain;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Event;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\LearnedFactor;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;

/** Moves the windows and the plan of a running cook by what has been seen of it. */
final readonly class FollowCook
{
    /** Lid up, fork in, lid down. */
    private const FORK_TEST_LID_MINUTES = 2.0;
    private const FINISHING_OVEN_CELSIUS = 160.0;
    /** Turning to High is offered where it brings dinner forward by at least this much. */
    private const WORTH_TURNING_MINUTES = 10.0;

    public function __construct(private Simulation $simulation = new Simulation())
    {
    }

    public function follow(BraiseOrder $order, RunningCook $cook, \DateTimeImmutable $now): FollowedCook
    {
        $order = $cook->facts->applied($order);
        $pots = new PotRun($this->simulation);
        $pot = $pots->load($order, $cook->choice);
        $program = $this->program($order, $cook);
        $lifts = $this->lidLifts($cook);
        $cuts = array_map(static fn (LostPower $l): PowerCut => $l->cut, $cook->cuts);
        $happened = [...$lifts, ...$cuts];
        $setup = $pot->setup->running($program, $happened);
        $work = $pots->work($pot, $cook->choice);
        $plan = new BackwardPlan($now, $order->serveAt, $order->kitchen->people, new Chain([]), $work->toThePlate());
        $elapsed = Duration::seconds(max(0.0, (float) ($now->getTimestamp() - $cook->switchedOn->getTimestamp())));
        $run = $this->run($order, $setup, $cook, $elapsed);
        $ready = $cook->readyAfter($order->wishes->texture);
        $window = $this->ready($run, $order, $ready);
        $foreseen = match (null) {
            $window->likely => Foreseen::Hardly,
            $window->latest => Foreseen::LongTail,
            default => Foreseen::Surely,
        };
        $day = $this->day($plan, $order, $cook, $program, $window, $run, $elapsed);

        $onHigh = null;
        $late = null === $ready && (Foreseen::Hardly === $foreseen || $day->serve > $order->serveAt);
        if ($late && Setting::High !== $this->setting($cook, $program)) {
            $turned = $program->turnedTo(Setting::High, $elapsed, $order->cooker);
            $fasterRun = $run->otherwise($this->simulation, $setup->running($turned, $happened), AdaptBraise::HORIZON);
            $faster = $this->day($plan, $order, $cook, $turned, $this->ready($fasterRun, $order, null), $fasterRun, $elapsed);
            $onHigh = $this->worthTurning($day, $faster);
        }
        $best = $this->simulation->run($setup, new Deviation(), AdaptBraise::HORIZON, traced: true);
        $lidDown = $this->simulation->run($setup->running($program, $cuts), new Deviation(), AdaptBraise::HORIZON);

        return new FollowedCook(
            array_combine(
                array_map(static fn (Doneness $d): string => $d->value, Doneness::cases()),
                array_map($run->doneness(...), Doneness::cases()),
            ),
            $day->sauceAt(DinnerOnTime::begins($order->kitchen, $day, $work)),
            max(0.0, ($day->serve->getTimestamp() - $order->serveAt->getTimestamp()) / 60),
            $onHigh,
            $best->doneness[1] < \INF ? 60 * ($best->doneness[1] - $lidDown->doneness[1]) : 0.0,
            $late ? $this->elsewhere($order, $setup, $run) : [],
            null === $ready ? null : $cook->at($ready),
            $work,
            $foreseen,
            (new CookFlags($this->simulation))->of($order, $cook, $pot, $work, $program, $setup, $run, $best, $now),
        );
    }

    /**
     * By the hob, the oven and the pressure cooker, from where the pot is now by the evidence: for the middle and for
     * nine in ten of the members. Heating up is in it.
     *
     * @return list<Elsewhere>
     */
    private function elsewhere(BraiseOrder $order, Setup $setup, Outcome $run): array
    {
        $missing = $run->missingDose($order->meat->joint->needHours * $order->meat->joint->cut->level($order->wishes->texture));
        $core = $run->coreNow();
        $mass = Mass::kilograms(array_sum(array_map(
            static fn (Content $c): float => $c->mass->kilograms, $setup->contents,
        )) + $order->meat->joint->boneless->kilograms);
        $ways = [];
        foreach ([
            new OriginalMethod(Method::Hob, 1), new OriginalMethod(Method::Oven, 1, self::FINISHING_OVEN_CELSIUS),
            new OriginalMethod(Method::Pressure, 1),
        ] as $way) {
            $other = new OtherWay($way, $order->room, $mass);
            $likely = $other->hoursFor($order->meat->joint, $missing->likely ?? 0.0, $core);
            $latest = $other->hoursFor($order->meat->joint, $missing->latest ?? 0.0, $core);
            if (is_finite($latest)) {
                $ways[] = new Elsewhere($way, Duration::hours($likely), Duration::hours($latest));
            }
        }

        return $ways;
    }

    private function setting(RunningCook $cook, Program $program): Setting
    {
        $turned = array_reverse($cook->turned);

        return $turned[0]->setting ?? $program->firstHeat()->setting;
    }

    /**
     * What a finished cook teaches of the cooker's heat and of the cut's need in this house.
     *
     * @return array{heat: Posterior, need: Posterior} after it
     */
    public function learned(BraiseOrder $order, RunningCook $cook, Posterior $heat, Posterior $need): array
    {
        $order = $cook->facts->applied($order);
        $setup = (new PotRun($this->simulation))->load($order, $cook->choice)->setup;
        $outcome = $this->run(
            $order,
            $setup->running(
                $this->program($order, $cook),
                [...$this->lidLifts($cook), ...array_map(static fn (LostPower $l): PowerCut => $l->cut, $cook->cuts)],
            ),
            $cook,
        );

        return ['heat' => $heat->after($outcome, LearnedFactor::Heat), 'need' => $need->after($outcome, LearnedFactor::Need)];
    }

    private function program(BraiseOrder $order, RunningCook $cook): Program
    {
        $program = $cook->choice->program($order->cooker, $order->handling);
        foreach ($cook->turned as $change) {
            $program = $program->turnedTo($change->setting, $change->at, $order->cooker);
        }

        return $program;
    }

    private function run(BraiseOrder $order, Setup $setup, RunningCook $cook, ?Duration $now = null): Outcome
    {
        return Ensemble::draw(Spread::of($order->meat->joint, $order->cooker))->run(
            $this->simulation, $setup, AdaptBraise::HORIZON, $cook->evidence, $now,
        );
    }

    /** Where the window reaches beyond what is looked at, it ends there: the fork is asked again, and says more. */
    private function day(
        BackwardPlan $plan, BraiseOrder $order, RunningCook $cook, Program $program, Window $ready, Outcome $run, Duration $elapsed,
    ): DayPlan {
        $last = max(AdaptBraise::HORIZON, $elapsed->inHours());
        $window = new Window($ready->earliest ?? $elapsed->inHours(), $ready->likely ?? $last, $ready->latest ?? $last);
        $test = $cook->lastForkTest();

        return $plan->follow(
            $cook->switchedOn, $program, $window, $run->doneness(Doneness::Past), OwnDay::testFrom($order, $run->coreSafe()),
            null === $test ? null : $cook->at($test->at()), $cook->sauceBegun);
    }

    private function worthTurning(DayPlan $now, DayPlan $faster): ?\DateTimeImmutable
    {
        return $now->serve->getTimestamp() - $faster->serve->getTimestamp() >= 60 * self::WORTH_TURNING_MINUTES ? $faster->serve : null;
    }

    private function ready(Outcome $run, BraiseOrder $order, ?Duration $after): Window
    {
        $window = $run->doneness($order->wishes->texture, $order->wishes->sureness->share());

        return null === $after ? $window : $window->noLaterThan($after->inHours());
    }

    /** @return list<Event> */
    private function lidLifts(RunningCook $cook): array
    {
        $lifts = [];
        foreach ($cook->evidence as $one) {
            $lifts[] = new LidLift($one->at(), Duration::minutes(self::FORK_TEST_LID_MINUTES));
        }

        return $lifts;
    }
}
