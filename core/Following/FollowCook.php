<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\PotRun;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Chain;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\ForkTests;
use Pausis\Core\Following\Internal\CookFlags;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Event;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Sample;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Aid;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Bubbling;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Evidence;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;

/** Moves the windows and the plan of a running cook by what has been seen of it. */
final readonly class FollowCook
{
    private const FINISHING_OVEN_CELSIUS = 160.0;
    /** Dinner moves where fewer of such pots than this would be ready for it. */
    private const MOVES_BELOW = 0.25;
    /** Where fewer than this would be, ways to be sooner are told. */
    private const HELPS_BELOW = 0.6;
    /** Turning to High is offered too where so many more would be in time. */
    private const WORTH_TURNING_SHARE = 0.15;
    /** A reading sooner after the start, or after another, tells little. */
    private const READING_AFTER_HOURS = 1.5;
    /** A pot that was forgotten, or a clock that is wrong, is looked at no further than that. */
    private const LONGEST_HOURS = 96.0;
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
        $cuts = [...array_map(static fn (LostPower $l): PowerCut => $l->cut, $cook->cuts), ...$cook->poured];
        $happened = [...$lifts, ...$cuts];
        $setup = $pot->setup->running($program, $happened);
        $work = $pots->work($pot, $cook->choice);
        $elapsed = Duration::seconds(min(
            self::LONGEST_HOURS * 3600, max(0.0, (float) ($now->getTimestamp() - $cook->switchedOn->getTimestamp())),
        ));
        $run = $this->run($order, $setup, $cook, $elapsed);
        $test = LookCost::of($this->simulation, $setup, $run, $order->wishes->texture);
        $plan = static fn (\DateTimeImmutable $at): BackwardPlan => self::plan($order, $cook, $at, $work, $test, $run->coreSafe());
        $ready = $cook->readyAfter($order->wishes->texture);
        $window = self::ready($run, $order, $ready);
        $foreseen = match (null) {
            $window->likely => Foreseen::Hardly,
            $window->latest => Foreseen::LongTail,
            default => Foreseen::Surely,
        };
        $inTime = $this->inTime($run, $order, $plan($cook->switchedOn)->sauceWanted(), $cook, $ready);
        $day = $this->day($plan($cook->switchedOn), $cook, $program, $window, $run, $elapsed, $inTime);
        $late = null === $ready && (Foreseen::Hardly === $foreseen || $day->serve > $order->serveAt || $inTime < self::HELPS_BELOW);
        $best = $this->simulation->run($setup, new Deviation(), AdaptBraise::HORIZON, traced: true);
        $lidDown = $this->simulation->run($setup->running($program, $cuts), new Deviation(), AdaptBraise::HORIZON);
        $bare = [];
        foreach (Doneness::cases() as $level) {
            $bare[$level->value] = $run->doneness($level);
        }
        $bare[$order->wishes->texture->value] = $window;
        $drifted = $this->day($plan($now), $cook, $program, $window, $run, $elapsed, $inTime);

        return new FollowedCook(
            array_map(static fn (Window $w): Window => $day->window($w), $bare),
            $day,
            max(0.0, ($drifted->serve->getTimestamp() - $order->serveAt->getTimestamp()) / 60),
            $late && Setting::High !== $this->setting($cook, $program)
                ? $this->onHigh($run, $setup, $program, $happened, $plan($now), $cook, $order, $day, $elapsed)
                : null,
            $best->doneness[1] < \INF ? 60 * ($best->doneness[1] - $lidDown->doneness[1]) : 0.0,
            $late ? $this->elsewhere($order, $setup, $run) : [],
            null === $ready ? null : $cook->at($ready),
            $work,
            $foreseen,
            (new CookFlags($this->simulation))->of($order, $cook, $pot->running($setup, $best), $work, $program, $run, $now),
            $bare,
            $drifted,
            $inTime,
            $this->help($run, $order, $cook, $elapsed)?->of($day->window($bare[$order->wishes->texture->value])),
        );
    }

    /** A thermometer tells of a pot that has warmed up, of one that isn't found ready yet, and that none has told of for an hour. */
    private function help(Outcome $run, BraiseOrder $order, RunningCook $cook, Duration $elapsed): ?Narrowing
    {
        $last = $cook->lastReading()?->at()->inHours() ?? 0.0;
        $asks = null === $cook->readyAfter($order->wishes->texture) && $elapsed->inHours() - $last >= self::READING_AFTER_HOURS
            && $elapsed->inHours() < AdaptBraise::HORIZON;

        return $asks ? Narrowing::most($run, $order->wishes->texture, [Aid::Thermometer]) : null;
    }

    /** Share of such pots that are ready for dinner as planned. */
    private function inTime(
        Outcome $run, BraiseOrder $order, \DateTimeImmutable $sauce, RunningCook $cook, ?Duration $ready,
    ): float {
        $hours = ($sauce->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600;

        return null !== $ready ? 1.0 : $run->shareBy($order->wishes->texture, $hours);
    }

    /** @param list<Event> $happened */
    private function onHigh(
        Outcome $run, Setup $setup, Program $program, array $happened, BackwardPlan $plan, RunningCook $cook, BraiseOrder $order,
        DayPlan $day, Duration $elapsed,
    ): ?\DateTimeImmutable {
        $turned = $program->turnedTo(Setting::High, $elapsed, $order->cooker);
        $faster = $run->otherwise($this->simulation, $setup->running($turned, $happened), AdaptBraise::HORIZON);

        $inTime = $this->inTime($faster, $order, $plan->sauceWanted(), $cook, null);
        $now = $this->inTime($run, $order, $plan->sauceWanted(), $cook, null);
        $sooner = $this->day($plan, $cook, $turned, self::ready($faster, $order, null), $faster, $elapsed, $inTime);

        return $this->worthTurning($day, $sooner) ?? ($inTime >= $now + self::WORTH_TURNING_SHARE ? $sooner->serve : null);
    }

    /**
     * By the hob, the oven and the pressure cooker, from where the pot is now by the evidence: for the middle and for
     * nine in ten of the members. Heating up is in it.
     *
     * @return list<Elsewhere>
     */
    private function elsewhere(BraiseOrder $order, Setup $setup, Outcome $run): array
    {
        $missing = $run->missingDose($setup->joint->needHours * $setup->joint->cut->level($order->wishes->texture));
        $core = $run->coreNow();
        $mass = Mass::kilograms(array_sum(array_map(
            static fn (Content $c): float => $c->mass->kilograms, $setup->contents,
        )) + $setup->joint->boneless->kilograms);
        $ways = [];
        foreach ([
            new OriginalMethod(Method::Hob, 1), new OriginalMethod(Method::Oven, 1, self::FINISHING_OVEN_CELSIUS),
            new OriginalMethod(Method::Pressure, 1),
        ] as $way) {
            $other = new OtherWay($way, $order->room, $mass);
            $likely = $other->hoursFor($setup->joint, $missing->likely ?? 0.0, $core);
            $latest = $other->hoursFor($setup->joint, $missing->latest ?? 0.0, $core);
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

    /** What the household knows after a finished cook; what a recipe's own time told of other animals is no part of it. */
    public function learned(BraiseOrder $order, RunningCook $cook, Knowledge $known): Belief
    {
        $order = $cook->facts->applied($order);

        return $known->afterCook(function (Knowledge $known) use ($order, $cook): Outcome {
            $order = $order->knowing($known);

            return $this->run($order, $this->asCooked($order, $cook), $cook);
        });
    }

    /** The course that the pot most likely took, by all that was seen of it, before anybody had learned of it; traced. */
    public function course(BraiseOrder $order, RunningCook $cook, ?Knowledge $known): Course
    {
        $order = $cook->facts->applied(null === $known ? $order : $order->knowing($known));
        $setup = $this->asCooked($order, $cook);

        return $this->simulation->run($setup, $this->run($order, $setup, $cook)->middle(), AdaptBraise::HORIZON, traced: true);
    }

    /** What a pot that departs so from the best guess is like so long after switching on. */
    public function sample(BraiseOrder $order, RunningCook $cook, Deviation $truth, Duration $after): Sample
    {
        $order = $cook->facts->applied($order);

        return $this->simulation->run(
            $this->asCooked($order, $cook), $truth, max(AdaptBraise::HORIZON, $after->inHours()), watched: [$after->seconds],
        )->seen[0];
    }

    /** The pot with all that has happened to it. */
    private function asCooked(BraiseOrder $order, RunningCook $cook): Setup
    {
        $setup = (new PotRun($this->simulation))->load($order, $cook->choice)->setup;

        return $setup->running(
            $this->program($order, $cook),
            [...$this->lidLifts($cook), ...array_map(static fn (LostPower $l): PowerCut => $l->cut, $cook->cuts), ...$cook->poured],
        );
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
        return Ensemble::draw($order->spread())->run(
            $this->simulation, $setup, AdaptBraise::HORIZON, $cook->evidence, $now,
        );
    }

    /** Where the window reaches beyond what is looked at, it ends there: the fork is asked again, and says more. */
    private function day(
        BackwardPlan $plan, RunningCook $cook, Program $program, Window $ready, Outcome $run, Duration $elapsed, float $inTime,
    ): DayPlan {
        $last = max(AdaptBraise::HORIZON, $elapsed->inHours());
        $window = new Window($ready->earliest ?? $elapsed->inHours(), $ready->likely ?? $last, $ready->latest ?? $last);

        return $plan->follow(
            $cook->switchedOn, $program, $window, $run->doneness(Doneness::Past), $cook->sauceBegun, $inTime >= self::MOVES_BELOW,
        );
    }

    private function worthTurning(DayPlan $now, DayPlan $faster): ?\DateTimeImmutable
    {
        return $now->serve->getTimestamp() - $faster->serve->getTimestamp() >= 60 * self::WORTH_TURNING_MINUTES ? $faster->serve : null;
    }

    private static function ready(Outcome $run, BraiseOrder $order, ?Duration $after): Window
    {
        $window = $run->doneness($order->wishes->texture, $order->wishes->sureness->share());

        return null === $after ? $window : $window->noLaterThan($after->inHours());
    }

    /** Once it is ready, the fork isn't asked any more. */
    private static function plan(
        BraiseOrder $order, RunningCook $cook, \DateTimeImmutable $now, Work $work, LookCost $test, Window $coreSafe,
    ): BackwardPlan {
        $tests = new ForkTests(
            $order->kitchen->people, null === $cook->readyAfter($order->wishes->texture) ? $test : LookCost::always(0.0),
            OwnDay::testFrom($order, $coreSafe), $cook->lastForkTest()?->at()->inHours(), OwnDay::asksSoon($order, $cook->choice),
        );

        return new BackwardPlan($now, $order->serveAt, $order->kitchen->people, new Chain([]), $work->toThePlate(), tests: $tests);
    }

    /**
     * For each look under it, for what was poured in, and where it was off; through it one looks without.
     *
     * @return list<Event>
     */
    private function lidLifts(RunningCook $cook): array
    {
        $lifts = $cook->lids;
        $under = array_filter($cook->evidence, static fn (Evidence $one): bool => !$one instanceof Bubbling);
        foreach ([...array_values($under), ...$cook->poured] as $one) {
            $lifts[] = new LidLift($one->at(), Duration::minutes(Looks::LID_MINUTES));
        }

        return $lifts;
    }
}
