<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Meat\Cut;

/**
 * What is known for one cook: of this cooker and of this household with this cut, which is kept from cook to cook, and of
 * this animal and this piece, which is new each time.
 */
final readonly class Knowledge
{
    /** Of the variance of a cut's need, what is the household's with every cut: its fork, its altitude, its taste. */
    private const HOUSEHOLDS_SHARE = 0.15;
    /** What is the household's with this cut: its butcher. The rest is the animal's. */
    private const BUTCHERS_SHARE = 0.35;
    /** Of the variance of a thickness that is guessed, what is the household's eye for the cut. */
    private const EYES_SHARE = 0.35;
    /** Cooks that tell whether a label is right. */
    private const COOKS_OF_DOUBT = 2;
    /** Natural logarithm of how many times as likely a cook must be in an unknown cooker as in this one. */
    private const SURPRISING = 0.7;
    /** In a row, after which a cooker counts as another one. */
    private const SURPRISES = 2;
    /** Standard deviations by which one cook moves anything at most, and makes nothing surer then: it may be absurd. */
    private const FARTHEST = 2.0;
    /** The household's need of meat, whatever the cut. */
    public const FORK = 'need';

    private Belief $belief;

    /** @param string $cooker id */
    public function __construct(Belief $belief, private string $cooker, private Cut $cut, private bool $measured)
    {
        $variance = $cut->needSigma ** 2;
        $this->belief = self::withCooker($belief, $cooker)
            ->with(self::FORK, sqrt(self::HOUSEHOLDS_SHARE * $variance))
            ->with(self::needOf($cut->id), sqrt(self::BUTCHERS_SHARE * $variance))
            ->with($this->eye(), sqrt(self::EYES_SHARE) * Spread::THICKNESS_BY_FORM);
    }

    private static function withCooker(Belief $belief, string $cooker): Belief
    {
        return $belief->with(self::heatOf($cooker), Tail::SIGMA * Cooker::HEAT_SIGMA)->with(self::lowOf($cooker), Spread::LOW)
            ->with(self::lossOf($cooker), Spread::LOSS);
    }

    public static function heatOf(string $cooker): string
    {
        return "heat $cooker";
    }

    /** Low's heat beside High's. */
    public static function lowOf(string $cooker): string
    {
        return "low $cooker";
    }

    public static function lossOf(string $cooker): string
    {
        return "loss $cooker";
    }

    public static function needOf(string $cut): string
    {
        return "need $cut";
    }

    /** The household without what it knew of a cooker. */
    public static function without(Belief $belief, string $cooker): Belief
    {
        return $belief->without(self::heatOf($cooker))->without(self::lowOf($cooker))->without(self::lossOf($cooker));
    }

    /** Whether its last cooks were those of another cooker than the one that was known. */
    public static function hasChanged(Belief $belief, string $cooker): bool
    {
        return $belief->surprises(self::heatOf($cooker)) >= self::SURPRISES;
    }

    /** The cooker as far as it is known. */
    public function in(Cooker $cooker): Cooker
    {
        return $cooker->knowing(
            exp($this->belief->mean(self::heatOf($this->cooker))), min(Cooker::HEAT_SIGMA, $this->heatSigma()),
            exp($this->belief->mean(self::lossOf($this->cooker))), exp($this->belief->mean(self::lowOf($this->cooker))),
        );
    }

    private function heatSigma(): float
    {
        return $this->belief->sigma(self::heatOf($this->cooker));
    }

    public function needFactor(): float
    {
        return exp($this->belief->mean(self::FORK) + $this->belief->mean(self::needOf($this->cut->id)));
    }

    /** Of the logarithm of the meat's need, the animal with it. */
    public function needSigma(): float
    {
        return sqrt($this->sums()->rows[3][3]);
    }

    public function spread(): Spread
    {
        $rows = $this->sums()->rows;
        if ($this->measured) {
            $ruler = Spread::THICKNESS_BY_RULER ** 2;
            $rows = [
                ...array_map(static fn (array $row): array => [...\array_slice($row, 0, 4), 0.0], \array_slice($rows, 0, 4)),
                [0.0, 0.0, 0.0, 0.0, $ruler],
            ];
        }

        return new Spread(
            sqrt($rows[0][0]), sqrt($rows[2][2]), sqrt($rows[3][3]), sqrt($rows[4][4]), low: sqrt($rows[1][1]),
            together: new Covariance($rows), unknown: $this->isUnknown(), eye: $this->measured ? 0.0 : $this->belief->mean($this->eye()),
        );
    }

    /** A label is thought to be right until cooks or a water test have told otherwise. */
    private function isUnknown(): bool
    {
        return $this->belief->cooks(self::heatOf($this->cooker)) < self::COOKS_OF_DOUBT && $this->heatSigma() >= Cooker::HEAT_SIGMA;
    }

    /** What a water test tells of a cooker: the heat of Low, on which it is done, and where there were readings enough, its loss. */
    public static function measured(Belief $belief, string $cooker, WaterTestResult $test): Belief
    {
        $belief = self::withCooker($belief, $cooker);
        $low = [self::heatOf($cooker), self::lowOf($cooker)];
        $belief = $belief->after(
            [$low], [0.0], [log($test->heatFactor) - $belief->mean($low[0]) - $belief->mean($low[1])],
            new Covariance([[WaterTest::SIGMA ** 2]]),
        );

        return null === $test->lossFactor ? $belief : $belief->measured(self::lossOf($cooker), log($test->lossFactor), WaterTest::SIGMA);
    }

    /**
     * What the household knows after a cook.
     *
     * A cook that an unknown cooker would explain much better than this one is a surprise: a repair, a new socket, another lid. After
     * two in a row its heat counts as hardly known, and the cook is asked.
     *
     * @param \Closure(self): Outcome $cooked the cook's ensemble with all its evidence, drawn from what is known
     */
    public function afterCook(\Closure $cooked): Belief
    {
        $heat = self::heatOf($this->cooker);
        $run = $cooked($this);
        if ($this->isUnknown()) {
            return $this->after($run)->surprised($heat, 0);
        }
        $anew = new self(
            $this->belief->reopened($heat)->reopened(self::lowOf($this->cooker)), $this->cooker, $this->cut, $this->measured,
        );
        $other = $cooked($anew);
        if ($other->logEvidence - $run->logEvidence < self::SURPRISING) {
            return $this->after($run)->surprised($heat, 0);
        }
        $times = $this->belief->surprises($heat) + 1;

        return ($times >= self::SURPRISES ? $anew->after($other) : $this->after($run))->surprised($heat, $times);
    }

    /**
     * What the household knows after a cook whose ensemble, drawn from this, ended so.
     *
     * The moments of so few members aren't quite those that they were drawn from: what they lack is made good, so that a cook
     * that tells nothing changes nothing.
     */
    public function after(Outcome $outcome): Belief
    {
        $spread = $this->spread();
        $known = $this->measured ? 4 : 5;
        $sums = \array_slice($this->factors(), 0, $known);
        $besides = \array_slice($this->besides(), 0, $known);
        $drawn = Ensemble::draw($spread, max(1, \count($outcome->members)));
        [$expected, $drawnLeft] = self::moments($drawn->members, $drawn->weights(), $spread, $known);
        [$found, $left] = self::moments($outcome->members, $outcome->weights, $spread, $known);
        $prior = $this->belief->of($sums, $besides);
        $more = [];
        for ($i = 0; $i < $known; ++$i) {
            // Only the cooker can turn out less known than before.
            $most = $i < 2 ? \INF : $prior->rows[$i][$i] / $left->rows[$i][$i];
            $more[] = sqrt(min($most, $prior->rows[$i][$i] / $drawnLeft->rows[$i][$i]));
        }
        $moved = array_map(static fn (float $after, float $before): float => $after - $before, $found, $expected);
        $farthest = 0.0;
        foreach ($moved as $i => $by) {
            $farthest = max($farthest, abs($by) / sqrt($prior->rows[$i][$i]));
        }
        if ($farthest > self::FARTHEST) {
            $moved = array_map(static fn (float $by): float => $by * self::FARTHEST / $farthest, $moved);
        }

        return $this->belief->after($sums, $besides, $moved, $farthest > self::FARTHEST ? $prior : $left->scaled($more))
            ->oneCookOn(array_merge(...$sums));
    }

    /**
     * @param list<Deviation> $members
     * @param list<float>     $weights
     *
     * @return array{list<float>, Covariance} of the logarithms of heat, low, loss, need and thickness, the first so many
     */
    private static function moments(array $members, array $weights, Spread $spread, int $known): array
    {
        $logs = \array_slice([
            array_map(static fn (Deviation $d): float => log($d->heat), $members),
            array_map(static fn (Deviation $d): float => log($d->low), $members),
            array_map(static fn (Deviation $d): float => log($d->loss), $members),
            array_map(static fn (Deviation $d): float => log($d->need), $members),
            array_map(static fn (Deviation $d): float => log($d->thickness) - $spread->eye, $members),
        ], 0, $known);
        $means = array_map(static fn (array $of): float => self::mean($weights, $of), $logs);
        $apart = array_map(
            static fn (array $of, float $middle): array => array_map(static fn (float $log): float => $log - $middle, $of), $logs, $means,
        );
        $rows = array_map(static fn (array $a): array => array_map(static fn (array $b): float => self::mean(
            $weights, array_map(static fn (float $x, float $y): float => $x * $y, $a, $b),
        ), $apart), $apart);

        return [$means, new Covariance($rows)];
    }

    /**
     * @param list<float> $weights
     * @param list<float> $values
     */
    private static function mean(array $weights, array $values): float
    {
        return array_sum(array_map(static fn (float $weight, float $value): float => $weight * $value, $weights, $values));
    }

    private function sums(): Covariance
    {
        return $this->belief->of($this->factors(), $this->besides());
    }

    /** @return list<list<string>> kept, in the heat, Low's share, the loss, the need and the thickness */
    private function factors(): array
    {
        return [
            [self::heatOf($this->cooker)], [self::lowOf($this->cooker)], [self::lossOf($this->cooker)],
            [self::FORK, self::needOf($this->cut->id)], [$this->eye()],
        ];
    }

    /** @return list<float> variance of what isn't kept in them: the animal, the piece */
    private function besides(): array
    {
        return [
            0.0, 0.0, 0.0, (1 - self::HOUSEHOLDS_SHARE - self::BUTCHERS_SHARE) * $this->cut->needSigma ** 2,
            (1 - self::EYES_SHARE) * Spread::THICKNESS_BY_FORM ** 2,
        ];
    }

    private function eye(): string
    {
        return "eye {$this->cut->id}";
    }
}
