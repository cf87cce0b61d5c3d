<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Sample;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Quantity\Duration;

/**
 * Many plausible versions of the same cook, spread evenly over what is not known.
 *
 * The members are the first points of a lattice (Points), mapped to normal and log-normal deviations, the cooker's heat to
 * one with heavier tails, since labels may be wrong and cookers change: the same inputs always give the same answer. Evidence
 * from the running cook re-weights them; when too few still carry weight, a wider set is drawn, weighted back to the prior,
 * and resampled around its survivors.
 */
final readonly class Ensemble
{
    public const MEMBERS = 128;
    /** Fewer effective members than this, and quantiles become ragged. */
    private const TOO_FEW = 20.0;
    /** One answer may be a mistake; where no member believes two of them, all are wrong. A logarithm of the likelihood. */
    private const BELIEVABLE = -6.6;
    /** Share of the survivors' spread given to the jitter when resampling; the rest stays in the centres. */
    private const JITTER = 0.35;

    /** Logarithms beyond which nothing is: a third of the heat or three times as much, half as thick or twice. */
    private const FARTHEST = [1.1, 0.4, 0.9, 1.6, 0.7, \INF, 0.7, \INF];
    /** Heat and need are drawn so much wider than they are thought to be, and weighted back: both tails have more members. */
    private const TILT = 1.15;
    /** How much wider the cooker's heat and the meat's need are searched where the evidence contradicts the prior. */
    private const WIDER = 2.5;

    /**
     * @param non-empty-list<Deviation> $members
     * @param non-empty-list<float>     $logPriors of each member over how often it was drawn, up to a constant
     */
    private function __construct(public array $members, private array $logPriors, private Spread $spread)
    {
    }

    /** @param int<1, max> $count */
    public static function draw(Spread $spread, int $count = self::MEMBERS): self
    {
        return self::drawn($spread, $count, self::TILT);
    }

    /**
     * @param int<1, max> $count
     * @param float       $wider factor on the spread of heat and need, made good by the members' prior weights
     */
    private static function drawn(Spread $spread, int $count, float $wider): self
    {
        $members = $logPriors = [];
        $root = $spread->root();
        for ($i = 0; $i < $count; ++$i) {
            $z = Points::normal($i);
            $heat = Tail::of($z[0]);
            $wide = [$wider * $heat, $z[1], $z[2], $wider * $z[3], $z[4]];
            $logs = [];
            foreach ($root as $k => $row) {
                $log = 0.0;
                for ($j = 0; $j <= $k; ++$j) {
                    $log += $row[$j] * $wide[$j];
                }
                $logs[] = $log;
            }
            $logs[4] += $spread->eye;
            $members[] = self::member([...$logs, $spread->startKelvin * $z[5], Spread::CONDUCTION * $z[6], Spread::ZONE * $z[7]]);
            $logPriors[] = Tail::logDensity($wide[0]) - Tail::logDensity($heat) + ($z[3] ** 2 - $wide[3] ** 2) / 2;
        }

        return new self($members, $logPriors, $spread);
    }

    /**
     * How likely each member is before any evidence.
     *
     * @return list<float> sum 1
     */
    public function weights(): array
    {
        $likely = array_map(exp(...), $this->logPriors);
        $total = array_sum($likely);

        return array_map(static fn (float $one): float => $one / $total, $likely);
    }

    /**
     * Runs every member.
     *
     * @param float          $horizon  hours after switching on
     * @param list<Evidence> $evidence observed so far, in any order
     * @param Duration|null  $now      at which each member is sampled as well
     */
    public function run(Simulation $simulation, Setup $setup, float $horizon, array $evidence = [], ?Duration $now = null): Outcome
    {
        $evidence = array_map(static fn (Evidence $one): Evidence => $one->besides(...$evidence), $evidence);
        [$outcome, $best] = $this->weigh($simulation, $setup, $horizon, $evidence, $now);
        if ([] === $evidence || ($outcome->effectiveMembers() >= self::TOO_FEW && $best > self::BELIEVABLE)) {
            return $outcome;
        }
        $wide = self::drawn($this->spread, \count($this->members), self::WIDER);
        $survivors = $wide->resampled($wide->weigh($simulation, $setup, $horizon, $evidence, null)[0]->weights);

        return new Outcome(
            $survivors->members, $courses = $survivors->courses($simulation, $setup, $horizon, [], $now),
            array_fill(0, \count($survivors->members), 1 / \count($survivors->members)), self::lastSeen($courses, $now),
            $outcome->logEvidence,
        );
    }

    /**
     * @param list<Evidence> $evidence
     *
     * @return array{Outcome, float} and the logarithm of the likelihood at the most
     */
    private function weigh(Simulation $simulation, Setup $setup, float $horizon, array $evidence, ?Duration $now): array
    {
        $courses = $this->courses($simulation, $setup, $horizon, $evidence, $now);
        $logs = [];
        foreach ($courses as $i => $course) {
            $log = $this->logPriors[$i];
            foreach ($evidence as $k => $one) {
                $log += $one->logLikelihood($course->seen[$k], $setup->joint->needHours * $this->members[$i]->need);
            }
            $logs[] = $log;
        }
        $most = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $total = array_sum($weights);

        return [new Outcome(
            $this->members, $courses, array_map(static fn (float $w): float => $w / $total, $weights), self::lastSeen($courses, $now),
            $most + log($total) - log(array_sum(array_map(exp(...), $this->logPriors))),
        ), $most];
    }

    /**
     * @param list<Evidence> $evidence
     *
     * @return non-empty-list<Course>
     */
    private function courses(Simulation $simulation, Setup $setup, float $horizon, array $evidence, ?Duration $now): array
    {
        $at = array_map(static fn (Evidence $one): float => $one->at()->seconds, $evidence);
        if (null !== $now) {
            $at[] = $now->seconds;
        }
        $courses = [];
        foreach ($this->members as $member) {
            $courses[] = $simulation->run($setup, $member, $horizon, watched: $at);
        }

        return $courses;
    }

    /**
     * @param list<Course> $courses
     *
     * @return list<Sample> of now, which is watched after all evidence
     */
    private static function lastSeen(array $courses, ?Duration $now): array
    {
        return null === $now ? [] : array_map(static fn (Course $c): Sample => $c->seen[\count($c->seen) - 1], $courses);
    }

    /**
     * Systematic resampling, each copy moved a little within the survivors' own spread (kernel smoothing with
     * shrinkage, so that mean and variance are kept).
     *
     * @param list<float> $weights
     */
    private function resampled(array $weights): self
    {
        $count = \count($this->members);
        $vectors = array_map(static fn (Deviation $d): array => [
            log($d->heat), log($d->low), log($d->loss), log($d->need), log($d->thickness), $d->startKelvin, log($d->conduction), $d->zone,
        ], $this->members);
        $mean = $deviation = array_fill(0, \count($vectors[0]), 0.0);
        foreach ($vectors as $i => $vector) {
            foreach ($vector as $d => $value) {
                $mean[$d] += $weights[$i] * $value;
            }
        }
        foreach ($vectors as $i => $vector) {
            foreach ($vector as $d => $value) {
                $deviation[$d] += $weights[$i] * ($value - $mean[$d]) ** 2;
            }
        }
        $keep = sqrt(1 - self::JITTER ** 2);
        $members = [];
        $source = 0;
        $passed = $weights[0];
        for ($i = 0; $i < $count; ++$i) {
            while ($passed < ($i + 0.5) / $count && $source < $count - 1) {
                $passed += $weights[++$source];
            }
            $z = Points::normal($i);
            $moved = [];
            foreach ($vectors[$source] as $d => $value) {
                $moved[] = $mean[$d] + $keep * ($value - $mean[$d]) + self::JITTER * sqrt($deviation[$d]) * $z[$d];
            }
            $members[] = self::member($moved);
        }

        return new self($members, array_fill(0, $count, 0.0), $this->spread);
    }

    /**
     * However far off it was drawn, a pot and meat that can be.
     *
     * @param array<int, float> $of logarithms of heat, Low's share, loss, need and thickness; kelvins; a logarithm; a share
     */
    private static function member(array $of): Deviation
    {
        $factor = static fn (int $k): float => exp(min(max($of[$k], -self::FARTHEST[$k]), self::FARTHEST[$k]));

        return new Deviation($factor(0), $factor(2), $factor(3), $factor(4), $of[5], $factor(1), $factor(6), $of[7]);
    }
}
