<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Explain\BraiseFindings;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\AnotherDay;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Adaptation\Schedule\Caught;
use Pausis\Core\Adaptation\Schedule\DayCase;
use Pausis\Core\Adaptation\Schedule\Moments;
use Pausis\Core\Adaptation\Schedule\PlannedDay;
use Pausis\Core\Adaptation\Schedule\Planner;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Safety\Finding;

/**
 * A pot from switching on until it is put away: what is left of its work goes where the pot has it. Where dinner moves, what is still to
 * be done moves with it; work that isn't done by the time it can wait to moves dinner.
 */
final readonly class AfterOn
{
    private const STEP_MINUTES = 5;
    private const STEP = 60 * self::STEP_MINUTES;
    private const MOST_LATER_MINUTES = 240;
    /** Not ticked so long after the latest that dinner can bear, it is asked for. */
    private const ASKED_AFTER_MINUTES = 5;

    /** Changed with anything that changes what is followed. */
    private const VERSION = 5;

    public function __construct(
        private FollowCook $follow, private Evaluation $evaluation, private FollowedStore $store = new NothingFollowed(),
    ) {
    }

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins   by job
     * @param list<OtherPot>                    $others
     */
    public function follow(
        BraiseOrder $order, RunningCook $cook, array $sides, array $pins, array $others, Ticks $ticks, \DateTimeImmutable $now,
    ): Underway {
        $key = hash('xxh128', serialize([
            self::VERSION, $order->physical(), $order->serveAt, $order->kitchen, $order->wishes, $order->handling, $cook->closing(null),
            intdiv($now->getTimestamp(), 60),
        ]));
        $followed = $this->store->followed($key, fn (): FollowedCook => $this->follow->follow($order, $cook, $now));
        $eaten = $cook->eaten ?? $ticks->done()[BraiseJobs::PLATE] ?? null;
        $since = self::since($cook, $ticks);
        $told = $this->told($order, $cook, $followed, $since);
        $later = self::later($cook, $followed, $told);
        $done = $ticks->done();
        $undone = self::andAfter(array_keys($ticks->notYet()), $sides, $told);
        $known = array_values(array_diff(array_keys($ticks->settled()), $undone));
        $first = self::placed(
            $told, $followed->day, $sides, $pins, $others, [...array_keys($done), ...$known], $later,
        );
        $settled = [...$known, ...self::timeHasCome($first, $told, $ticks, $now)];
        $day = match (true) {
            null !== $eaten => $followed->now->servedAt($eaten),
            null !== ($plated = self::plated($told, $done, $now)) => $followed->day->servedAt(max($followed->day->serve, $plated)),
            default => $followed->now,
        };
        if (null !== $eaten) {
            $told = self::eaten($told);
            [$sides, $first] = [null === $order->handling->eatenOn ? [] : $sides, null];
        }
        $left = $day->serve == $followed->day->serve && null === $eaten
            ? $first
            : self::placed(
                $told, $day, $sides, $pins, $others, [...array_keys($done), ...$settled], $later,
            );
        $whole = self::whole($told, $left ?? $first, $day, $first, $sides, $others, array_keys($done));
        $overdue = null === $eaten ? self::overdue($whole, $done, $ticks, $now) : [];
        $whole = $whole->with(self::underWay($told, $sides, $ticks->settled(), $known), $sides);

        return new Underway(
            self::state($told, $cook, $eaten, $done, $whole, $now), $whole, $done, array_values(array_unique($settled)), $overdue,
            self::moved($whole, $order), $followed,
            [] === $overdue ? null : self::otherwise($told, $day, $overdue, [...array_keys($done), ...$settled], $sides, $others, $now),
        );
    }

    /**
     * Dinner, if what is overdue isn't under way.
     *
     * @param list<Placed>   $overdue
     * @param list<string>   $done    ids
     * @param list<Side>     $sides
     * @param list<OtherPot> $others
     */
    private static function otherwise(
        AdaptedBraise $told, DayPlan $day, array $overdue, array $done, array $sides, array $others, \DateTimeImmutable $now,
    ): ?\DateTimeImmutable {
        $undone = self::andAfter(array_map(static fn (Placed $p): string => $p->job->id, $overdue), $sides, $told);

        return self::placed(
            $told->ordered($told->order->from($now)), $day, $sides, [], $others, array_values(array_diff($done, $undone)),
        )?->day->serve;
    }

    /**
     * Dinner so many minutes later; where there is more work on its sauce than was planned, that is begun as much sooner as the meat is
     * ready, and less of it is begun later.
     *
     * @return \Closure(DayPlan, int): DayPlan
     */
    private static function later(RunningCook $cook, FollowedCook $followed, AdaptedBraise $told): \Closure
    {
        if (null === $cook->closing) {
            return static fn (DayPlan $day, int $minutes): DayPlan => $day->later($minutes);
        }
        $more = $told->chosen->work->finish()->total - $followed->work->finish()->total;
        $seconds = 60 * self::STEP_MINUTES * (int) ceil($more / self::STEP_MINUTES);

        return static function (DayPlan $day, int $minutes) use ($seconds, $followed): DayPlan {
            $moved = $day->later($minutes);
            $sauce = ($moved->at(TaskKind::Sauce)->at ?? $moved->serve)->getTimestamp() - $seconds;
            $earliest = $followed->readySince ?? $day->at(TaskKind::Sauce)->at ?? $day->serve;

            return $moved->sauceAt($moved->serve->setTimestamp(max($earliest->getTimestamp(), $sauce)));
        };
    }

    /** The braise as its pot is seen to go. */
    private function told(BraiseOrder $order, RunningCook $cook, FollowedCook $followed, \DateTimeImmutable $since): AdaptedBraise
    {
        $order = $cook->facts->applied($order)->from($since);
        $work = null === $followed->readySince ? $followed->work : $followed->work->without([BraiseJobs::FORK_TEST]);
        $outcome = $this->evaluation->outcome($order, $cook->choice)->seen($followed->bare, $work);
        if (null !== $cook->closing) {
            $order = $order->closing($cook->closing->holding($outcome->salt->holdBackGrams));
            $outcome = $this->evaluation->pots->closed($order, $outcome);
        }
        $braise = new AdaptedBraise($order, [$outcome], $outcome, [$cook->choice->value => $followed->day]);

        [$findings, $remedies] = (new BraiseFindings($this->evaluation))->of($braise);

        // A pot that is on is kept: what is wrong with it is told by its flags.
        return $braise->finding(array_map(static fn (Finding $f): Finding => $f->doneSafely(), $findings), $remedies);
    }

    /**
     * With all that follows each of them: what takes up what isn't done isn't done either.
     *
     * @param list<string> $ids
     * @param list<Side>   $sides
     *
     * @return list<string>
     */
    private static function andAfter(array $ids, array $sides, AdaptedBraise $told): array
    {
        $chains = array_map(static fn (Side $s): array => array_map(static fn (Job $j): string => $j->id, $s->jobs(1)), $sides);
        $chains[] = array_map(static fn (Chore $c): string => $c->id, self::finish($told));
        $all = $ids;
        foreach ($chains as $chain) {
            $first = array_keys(array_intersect($chain, $ids));
            array_push($all, ...([] === $first ? [] : \array_slice($chain, min($first))));
        }

        return array_values(array_unique($all));
    }

    /**
     * When it is on the plates, once its finish is under way: what is left of it takes its time.
     *
     * @param array<string, \DateTimeImmutable> $done
     */
    private static function plated(AdaptedBraise $told, array $done, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        $finish = self::finish($told);
        $ticked = array_filter($finish, static fn (Chore $c): bool => isset($done[$c->id]));
        if ([] === $ticked) {
            return null;
        }
        $last = (int) array_key_last($ticked);
        $left = array_sum(array_map(static fn (Chore $c): float => $c->term->value ?? 0.0, \array_slice($finish, $last + 1)));
        $since = max($done[$finish[$last]->id], $now->modify('-'.self::ASKED_AFTER_MINUTES.' minutes'));

        $at = (int) ceil(($since->getTimestamp() + 60 * $left) / self::STEP) * self::STEP;

        return $now->setTimestamp($at);
    }

    /** What is left when it is on the plates: the leftovers. */
    private static function eaten(AdaptedBraise $told): AdaptedBraise
    {
        $outcome = $told->chosen->working(new Work($told->chosen->work->in(Stage::Later, Stage::Again)));

        return new AdaptedBraise($told->order, [$outcome], $outcome, $told->days, $told->findings, $told->remedies);
    }

    /** The last moment at which something was seen or said that may have moved the plan. */
    private static function since(RunningCook $cook, Ticks $ticks): \DateTimeImmutable
    {
        return max($cook->switchedOn, $ticks->since() ?? $cook->switchedOn);
    }

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<OtherPot>                    $others
     * @param list<string>                      $done   ids
     * @param \Closure(DayPlan, int): DayPlan   $later  the day with dinner so many minutes later
     */
    private static function placed(
        AdaptedBraise $told, DayPlan $day, array $sides, array $pins, array $others, array $done, ?\Closure $later = null,
    ): ?PlannedDay {
        $outcome = $told->chosen->working($told->chosen->work->without($done));
        $left = array_map(static fn (Side $s): Side => $s->without($done), $sides);
        $later ??= static fn (DayPlan $day, int $minutes): DayPlan => $day->later($minutes);
        for ($minutes = 0; $minutes <= self::MOST_LATER_MINUTES; $minutes += self::STEP_MINUTES) {
            $moved = $later($day, $minutes);
            $braise = new AdaptedBraise(
                $told->order, [$outcome], $outcome, [$outcome->choice->value => $moved], $told->findings, $told->remedies,
            );
            foreach ([] === $pins ? [[]] : [$pins, []] as $kept) {
                $planned = (new DayCase($braise, $moved, $left, $kept, Planner::reserved($others)))->followed(Scheduler::MOST_STEPS);
                if (null !== $planned) {
                    return self::withLeftovers($planned);
                }
            }
        }

        return null;
    }

    /** Whoever was to sleep or be out by then has eaten with the others, and puts away what is left. */
    private static function withLeftovers(PlannedDay $planned): PlannedDay
    {
        $leftovers = [BraiseJobs::PORTION, BraiseJobs::INTO_FRIDGE];
        $caught = array_filter($planned->caught, static fn (Caught $c): bool => !\in_array($c->code, $leftovers, true));
        if (\count($caught) === \count($planned->caught)) {
            return $planned;
        }
        $moments = array_filter($planned->moments, static fn (Placed $p): bool => !\in_array($p->job->id, $leftovers, true));
        $put = (new Moments(People::atAnyTime(), $planned->braise->chosen->work, $planned->day, []))->leftoversPlaced();

        return new PlannedDay(
            $planned->braise, $planned->day, $planned->schedule, [...$moments, ...$put], array_values($caught), $planned->unkept,
        );
    }

    /**
     * Jobs whose time has come, and of which nobody says that they aren't done: but what brings the meat to the plate is begun when
     * somebody says so, and leftovers are put away when there are some.
     *
     * @return list<string> ids
     */
    private static function timeHasCome(?PlannedDay $planned, AdaptedBraise $told, Ticks $ticks, \DateTimeImmutable $now): array
    {
        $finish = array_map(static fn (Chore $c): string => $c->id, [...self::finish($told), ...$told->chosen->work->in(Stage::Later)]);
        $notYet = $ticks->notYet();
        $come = [];
        foreach (null === $planned ? [] : [...$planned->schedule->placed, ...$planned->moments] as $placed) {
            $id = $placed->job->id;
            $denied = isset($notYet[$id]) && $placed->from < $notYet[$id];
            $goesOn = !$placed->job->hands && self::followsDone($id, $finish, $ticks->done());
            if ($placed->from <= $now && BraiseJobs::FORK_TEST !== $id && !$denied && ($goesOn || !\in_array($id, $finish, true))) {
                $come[] = $id;
            }
        }

        return $come;
    }

    /**
     * What has begun since, each at its time, so that it is seen till somebody says that it is done.
     *
     * @param list<Side>                             $sides
     * @param array<string, \DateTimeImmutable|null> $begun
     * @param list<string>                           $known ids
     *
     * @return list<Placed>
     */
    private static function underWay(AdaptedBraise $told, array $sides, array $begun, array $known): array
    {
        $jobs = [
            ...array_map(static fn (Chore $c): Job => BraiseJobs::job($c), $told->chosen->work->chores),
            ...array_merge(...array_map(static fn (Side $s): array => $s->jobs($told->order->recipe->serves), $sides)),
        ];
        $placed = [];
        foreach ($jobs as $job) {
            $from = \in_array($job->id, $known, true) ? $begun[$job->id] ?? null : null;
            if (null !== $from) {
                $placed[] = new Placed($job, $from, $from->modify("+$job->minutes minutes"), null);
            }
        }

        return $placed;
    }

    /**
     * Whether what stands before it is done: meat that is lifted out rests, whoever ticks it.
     *
     * @param list<string>                      $finish ids, in order
     * @param array<string, \DateTimeImmutable> $done
     */
    private static function followsDone(string $id, array $finish, array $done): bool
    {
        $at = array_search($id, $finish, true);

        return false !== $at && $at > 0 && isset($done[$finish[$at - 1]]);
    }

    /** @return list<Chore> from the pot to the plate */
    private static function finish(AdaptedBraise $told): array
    {
        return $told->chosen->work->fromThePot();
    }

    /**
     * @param list<Side>     $sides
     * @param list<OtherPot> $others
     * @param list<string>   $done   ids
     */
    private static function whole(
        AdaptedBraise $told, ?PlannedDay $planned, DayPlan $day, ?PlannedDay $first, array $sides, array $others, array $done,
    ): WholeDay {
        $placed = null === $planned ? [] : [...$planned->moments, ...$planned->schedule->placed];
        array_push($placed, ...AnotherDay::placed($told, $sides, [], $done) ?? []);
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);
        $day = $planned->day ?? $day;
        $braise = (new AdaptedBraise(
            $told->order, $told->outcomes, $told->chosen, [$told->chosen->choice->value => $day], $told->findings, $told->remedies,
        ))->asPlaced($placed);
        $whole = new WholeDay(
            $braise, $placed, null !== $planned, true, $planned->caught ?? [], $planned->unkept ?? [], $others, $sides,
        );

        return $whole->with(null === $first ? [] : [...$first->moments, ...$first->schedule->placed], $sides);
    }

    /**
     * @param array<string, \DateTimeImmutable> $done
     *
     * @return list<Placed> work of which dinner can't wait any longer, and that nobody has ticked
     */
    private static function overdue(WholeDay $whole, array $done, Ticks $ticks, \DateTimeImmutable $now): array
    {
        $from = [];
        foreach ($whole->placed as $placed) {
            $from[$placed->job->id] = $placed->from;
        }
        $notYet = $ticks->notYet();
        $day = $whole->braise->day();
        $serve = $day instanceof DayPlan ? $day->serve : $now;
        $overdue = [];
        foreach ($whole->placed as $placed) {
            $job = $placed->job;
            $next = $from[$job->next ?? ''] ?? $serve;
            $latest = $next->setTimestamp($next->getTimestamp() - 60 * ($job->minutes - self::ASKED_AFTER_MINUTES));
            if ($job->hands && BraiseJobs::FORK_TEST !== $job->id && $placed->from < $serve && $now >= $latest && $now < $serve
                && !isset($done[$job->id]) && !(isset($notYet[$job->id]) && $placed->from < $notYet[$job->id])
                    && !self::leadsToDone($whole, $job->id, $done)) {
                $overdue[] = $placed;
            }
        }

        return $overdue;
    }

    /** @param array<string, \DateTimeImmutable> $done */
    private static function leadsToDone(WholeDay $whole, string $id, array $done): bool
    {
        $next = [];
        foreach ($whole->placed as $placed) {
            $next[$placed->job->id] = $placed->job->next;
        }
        for ($k = 0, $at = $next[$id] ?? null; null !== $at && $k < 60; ++$k, $at = $next[$at] ?? null) {
            if (isset($done[$at])) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, \DateTimeImmutable> $done */
    private static function state(
        AdaptedBraise $told, RunningCook $cook, ?\DateTimeImmutable $eaten, array $done, WholeDay $whole, \DateTimeImmutable $now,
    ): State {
        $finish = array_filter(self::finish($told), static fn (Chore $c): bool => isset($done[$c->id]));
        $fridge = array_filter($whole->placed, static fn (Placed $p): bool => BraiseJobs::INTO_FRIDGE === $p->job->id);
        $chilled = isset($done[BraiseJobs::INTO_FRIDGE]) || [] === $fridge || (null !== $eaten && $now > $eaten->modify('+2 hours'));

        return match (true) {
            null !== $eaten && $chilled => State::PutAway,
            null !== $eaten => State::Eaten,
            [] !== $finish, null !== $cook->sauceBegun => State::Finishing,
            default => State::On,
        };
    }

    private static function moved(WholeDay $whole, BraiseOrder $order): ?Moved
    {
        $day = $whole->braise->day();

        return $day instanceof DayPlan && $day->serve > $order->serveAt ? new Moved($day->serve) : null;
    }
}
