<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Day\Whereabouts;
use Pausis\Core\Tenderness\Doneness;
use Symfony\Component\Process\Process;

/**
 * Whether a day exists, asked of a constraint solver: the same jobs, but nothing of the application's own search.
 *
 * Unknown are the start of the pot, the beginning of the sauce, the start of each job and who does it. Minutes are counted
 * from the time it is now.
 */
final class ExactReference
{
    private const SECONDS = 20;

    /** @var list<string> */
    private array $lines = [];
    private readonly int $base;
    private readonly int $serve;

    /**
     * @param list<Job>    $jobs
     * @param list<Placed> $reserved
     */
    private function __construct(private readonly AdaptedBraise $braise, private readonly array $jobs, private readonly array $reserved)
    {
        $this->base = intdiv($braise->order->now->getTimestamp(), 300) * 300;
        $this->serve = $this->minute($braise->order->serveAt);
    }

    /**
     * Null where the solver doesn't know.
     *
     * @param list<Side>   $sides
     * @param list<Placed> $reserved
     */
    public static function exists(AdaptedBraise $braise, array $sides, array $reserved = []): ?bool
    {
        $solver = new Process(['z3', '-in', '-T:'.self::SECONDS]);
        $solver->setInput((new self($braise, self::jobs($braise, $sides, $reserved), $reserved))->text());
        $solver->run();

        return match (trim(strtok($solver->getOutput(), "\n") ?: '')) {
            'sat' => true,
            'unsat' => false,
            'unknown', 'timeout' => null,
            default => throw new \LogicException($solver->getOutput().$solver->getErrorOutput()),
        };
    }

    /**
     * @param list<Side>   $sides
     * @param list<Placed> $reserved
     *
     * @return list<Job>
     */
    public static function jobs(AdaptedBraise $braise, array $sides, array $reserved = []): array
    {
        $order = $braise->order;
        $own = new BraiseJobs($order, $braise->chosen->work);
        $sides = array_merge(...array_map(static fn (Side $s): array => $s->jobs($order->recipe->serves), $sides));

        return [
            ...$own->loading($order->serveAt), ...$own->toThePlate($order->now, $order->serveAt, $reserved),
            ...array_map(static fn (Job $j): Job => null === $j->next ? $j->before(BraiseJobs::PLATE) : $j, $sides),
        ];
    }

    private function text(): string
    {
        $this->declare();
        $this->inTurn();
        $this->potAndSauce();
        $this->byHands();
        $this->minded();
        $this->inRoom(static fn (Job $j): int => $j->rings, $this->braise->order->kitchen->rings);
        $this->inRoom(static fn (Job $j): int => $j->ovens, $this->braise->order->kitchen->ovens);

        return implode("\n", $this->lines)."\n(check-sat)\n";
    }

    private function declare(): void
    {
        foreach ($this->jobs as $k => $_) {
            $this->lines[] = "(declare-const s$k Int)";
            $this->say("(and (>= s$k 0) (<= s$k $this->serve))");
        }
        foreach (['t', 'u'] as $name) {
            $this->lines[] = "(declare-const $name Int)";
            $this->say("(and (>= $name 0) (<= $name $this->serve))");
        }
    }

    private function inTurn(): void
    {
        $at = array_flip(array_map(static fn (Job $j): string => $j->id, $this->jobs));
        foreach ($this->jobs as $k => $job) {
            $due = match (true) {
                BraiseJobs::LOAD === $job->id => '(* 5 t)',
                null === $job->next => (string) $this->serve,
                default => 's'.$at[$job->next],
            };
            $this->say("(<= (+ s$k ".($job->minutes + $job->rests).") $due)");
            $this->say("(>= (+ s$k ".($job->minutes + $job->waits).") $due)");
            $this->say('(>= s'.$k.' '.$this->minute($this->braise->order->now).')');
            if (null !== $job->after) {
                $this->say("(>= s$k (+ s{$at[$job->after]} {$this->jobs[$at[$job->after]]->minutes}))");
            }
        }
    }

    /** The pot is switched on at t, the sauce begun at u, both counted in five minutes. */
    private function potAndSauce(): void
    {
        $outcome = $this->braise->chosen;
        $program = $outcome->choice->program($this->braise->order->cooker, $this->braise->order->handling);
        $ids = array_map(static fn (Job $j): string => $j->id, $this->jobs);
        $first = array_search((new BraiseJobs($this->braise->order, $outcome->work))->firstOfFinish(), $ids, true);
        $this->say("(and (<= (* 5 u) s$first) (< s$first (+ (* 5 u) 5)))");
        $day = $this->braise->day();
        $sauce = $day instanceof DayPlan ? $day->at(TaskKind::Sauce)->at ?? null : $day->variables['sauce'] ?? null;
        $latestSauce = $this->minute($sauce instanceof \DateTimeImmutable ? $sauce : $this->braise->order->serveAt);
        // By when it is ready depends on the fork tests, and those on who is there after such a start.
        $tests = OwnDay::tests($this->braise->order, $outcome);
        $this->say("(<= (* 5 t) $this->serve)");
        for ($t = 0; 5 * $t <= $this->serve; ++$t) {
            $on = $this->braise->order->now->setTimestamp($this->base + 300 * $t);
            $looks = $tests->of($on, $outcome->planned, $this->braise->order->now->setTimestamp($this->base + 60 * $latestSauce));
            $this->say("(=> (= t $t) (<= $t (- u ".(int) ceil(12 * (float) $looks->in($outcome->planned)->latest - 1e-6).')))');
            $past = $looks->in($outcome->windows[Doneness::Past->value])->likely ?? 24.0;
            // No longer than until the sauce must be begun, however soon it is.
            $longest = (int) floor(60 * min($past, $program->longestOnWarm(), 24.0) + 1e-6);
            $this->say("(=> (= t $t) (>= (* 5 $t) ".($latestSauce - $longest).'))');
        }
        if (null !== $this->braise->order->handling->switchOn) {
            $this->say('(= (* 5 t) '.$this->minute($this->braise->order->handling->switchOn).')');
        }
    }

    private function byHands(): void
    {
        $people = $this->braise->order->kitchen->people->persons;
        $hands = array_filter($this->jobs, static fn (Job $j): bool => $j->hands);
        foreach ($hands as $k => $job) {
            foreach ($people as $p => $person) {
                $this->lines[] = "(declare-const w{$k}_$p Bool)";
                foreach ($this->taken($person->presence, $person->id, $job->minutes) as [$from, $to]) {
                    $this->say("(=> w{$k}_$p (or (<= (+ s$k $job->minutes) $from) (>= s$k $to)))");
                }
            }
            $this->say('(or '.implode(' ', array_map(static fn (int $p): string => "w{$k}_$p", array_keys($people))).')');
        }
        foreach ($hands as $k => $one) {
            foreach ($hands as $m => $other) {
                foreach ($m > $k ? array_keys($people) : [] as $p) {
                    $this->say("(=> (and w{$k}_$p w{$m}_$p) (or (<= (+ s$k $one->minutes) s$m) (<= (+ s$m $other->minutes) s$k)))");
                }
            }
        }
    }

    /** No flame while nobody is in the house; put into the oven and taken out by somebody. */
    private function minded(): void
    {
        foreach ($this->emptyHouse() as [$from, $to]) {
            foreach ($this->jobs as $k => $job) {
                if ($job->hands || $job->minutes < 1 || 0 === $job->rings + $job->ovens) {
                    continue;
                }
                $this->say($job->rings > 0
                    ? "(or (<= (+ s$k $job->minutes) $from) (>= s$k $to))"
                    : "(and (or (< s$k $from) (>= s$k $to)) (or (<= (+ s$k $job->minutes) $from) (> (+ s$k $job->minutes) $to)))");
            }
        }
    }

    /** @return list<array{int, int}> minutes in which nobody is there and awake */
    private function emptyHouse(): array
    {
        $rows = array_map(
            fn (Person $p): array => $p->presence->steps($this->braise->order->now->setTimestamp($this->base), 60, $this->serve),
            $this->braise->order->kitchen->people->persons,
        );
        $empty = [];
        for ($minute = 0; $minute < $this->serve; ++$minute) {
            $there = array_filter(
                array_column($rows, $minute), static fn (?Whereabouts $w): bool => null !== $w && Whereabouts::Away !== $w,
            );
            $before = array_pop($empty);
            if ([] !== $there || null === $before || $before[1] !== $minute) {
                array_push($empty, ...(null === $before ? [] : [$before]), ...([] === $there ? [[$minute, $minute + 1]] : []));
            } else {
                $empty[] = [$before[0], $minute + 1];
            }
        }

        return $empty;
    }

    /** @return list<array{int, int}> when a person can't do a job of so many minutes */
    private function taken(Presence $presence, string $person, int $minutes): array
    {
        $taken = [];
        $from = null;
        foreach ($presence->steps($this->braise->order->now->setTimestamp($this->base), 60, $this->serve) as $minute => $where) {
            $can = Whereabouts::Home === $where || (Whereabouts::Busy === $where && $minutes <= Presence::QUICK_MINUTES);
            if ($can && null !== $from) {
                $taken[] = [$from, $minute];
            }
            $from = $can ? null : $from ?? $minute;
        }
        foreach ($this->reserved as $placed) {
            if ($placed->job->hands && $placed->person?->id === $person) {
                $taken[] = [$this->minute($placed->from), $this->minute($placed->to)];
            }
        }

        return null === $from ? $taken : [...$taken, [$from, $this->serve]];
    }

    /** @param callable(Job): int $of */
    private function inRoom(callable $of, int $room): void
    {
        $asking = array_filter($this->jobs, static fn (Job $j): bool => $of($j) > 0);
        $beside = fn (int $k, string $at): string => "(ite (and (<= s$k $at) (< $at (+ s$k {$this->jobs[$k]->minutes}))) "
            .$of($this->jobs[$k]).' 0)';
        $moments = array_map(static fn (int $k): string => "s$k", array_keys($asking));
        foreach ($this->reserved as $placed) {
            if ($of($placed->job) > 0) {
                $moments[] = (string) max(0, $this->minute($placed->from));
            }
        }
        foreach ([] === $asking ? [] : $moments as $at) {
            $used = array_map(static fn (int $k): string => $beside($k, $at), array_keys($asking));
            foreach ($this->reserved as $placed) {
                $from = new Interval($placed->from, $placed->to);
                $used[] = "(ite (and (<= {$this->minute($from->from)} $at) (< $at {$this->minute($from->to)})) {$of($placed->job)} 0)";
            }
            $this->say('(<= (+ 0 '.implode(' ', $used).") $room)");
        }
    }

    private function say(string $what): void
    {
        $this->lines[] = "(assert $what)";
    }

    /** Negative numbers are written otherwise there; what is before now bounds nothing. */
    private function minute(\DateTimeImmutable $at): int
    {
        return max(0, (int) floor(($at->getTimestamp() - $this->base) / 60));
    }
}
