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
    /** Of the variance of a cut's need, what is the household's: its butcher, its fork, its altitude. The rest is the animal's. */
    private const HOUSEHOLDS_SHARE = 0.35;
    /** Of the variance of a thickness that is guessed, what is the household's eye for the cut. */
    private const EYES_SHARE = 0.35;
    /** Cooks that tell whether a label is right. */
    private const COOKS_OF_DOUBT = 2;

    /** A cooker that turns out so many standard deviations from what was thought is not surer known than before. */
    private const SURPRISING = 0.8;

    private Belief $belief;
    private string $heat;
    private string $loss;
    private string $need;
    private string $eye;

    /** @param string $cooker id */
    public function __construct(Belief $belief, string $cooker, private Cut $cut, private bool $measured)
    {
        [$this->heat, $this->loss, $this->need, $this->eye] = [
            self::heatOf($cooker), self::lossOf($cooker), self::needOf($cut->id), "eye $cut->id",
        ];
        $this->belief = $belief->with($this->heat, Tail::SIGMA * Cooker::HEAT_SIGMA)->with($this->loss, Spread::LOSS)
            ->with($this->need, sqrt(self::HOUSEHOLDS_SHARE) * $cut->needSigma)
            ->with($this->eye, sqrt(self::EYES_SHARE) * Spread::THICKNESS_BY_FORM);
    }

    public static function heatOf(string $cooker): string
    {
        return "heat $cooker";
    }

    public static function lossOf(string $cooker): string
    {
        return "loss $cooker";
    }

    public static function needOf(string $cut): string
    {
        return "need $cut";
    }

    public function heatFactor(): float
    {
        return exp($this->belief->mean($this->heat));
    }

    public function heatSigma(): float
    {
        return $this->belief->sigma($this->heat);
    }

    public function lossFactor(): float
    {
        return exp($this->belief->mean($this->loss));
    }

    public function needFactor(): float
    {
        return exp($this->belief->mean($this->need));
    }

    /** Of the logarithm of the meat's need, the animal with it. */
    public function needSigma(): float
    {
        return sqrt($this->belief->together($this->need, $this->need) + $this->animals());
    }

    public function spread(): Spread
    {
        $rows = $this->belief->of([$this->heat, $this->loss, $this->need, $this->eye], [0.0, 0.0, $this->animals(), self::pieces()])->rows;
        if ($this->measured) {
            $ruler = Spread::THICKNESS_BY_RULER ** 2;
            $rows = [
                [...\array_slice($rows[0], 0, 3), 0.0], [...\array_slice($rows[1], 0, 3), 0.0], [...\array_slice($rows[2], 0, 3), 0.0],
                [0.0, 0.0, 0.0, $ruler],
            ];
        }

        return new Spread(
            $this->heatSigma(), $this->belief->sigma($this->loss), $this->needSigma(), sqrt($rows[3][3]),
            together: new Covariance($rows), tailed: $this->isInDoubt(),
            eye: $this->measured ? 0.0 : $this->belief->mean($this->eye),
        );
    }

    /** A label is thought to be right until cooks or a water test have told otherwise. */
    private function isInDoubt(): bool
    {
        return $this->belief->cooks($this->heat) < self::COOKS_OF_DOUBT && $this->heatSigma() >= Cooker::HEAT_SIGMA;
    }

    /** What a water test tells of a cooker: its heat, and where there were readings enough, its loss. */
    public static function measured(Belief $belief, string $cooker, WaterTestResult $test): Belief
    {
        $belief = $belief->with(self::heatOf($cooker), Tail::SIGMA * Cooker::HEAT_SIGMA)->with(self::lossOf($cooker), Spread::LOSS)
            ->measured(self::heatOf($cooker), log($test->heatFactor), WaterTest::SIGMA);

        return null === $test->lossFactor ? $belief : $belief->measured(self::lossOf($cooker), log($test->lossFactor), WaterTest::SIGMA);
    }

    /** What the household knows after a cook whose ensemble, drawn from this, ended so. */
    public function after(Outcome $outcome): Belief
    {
        $factors = [$this->heat, $this->loss, $this->need, ...($this->measured ? [] : [$this->eye])];
        $eye = $this->measured ? 0.0 : $this->belief->mean($this->eye);
        $logs = \array_slice([
            array_map(static fn (Deviation $d): float => log($d->heat), $outcome->members),
            array_map(static fn (Deviation $d): float => log($d->loss), $outcome->members),
            array_map(static fn (Deviation $d): float => log($d->need), $outcome->members),
            array_map(static fn (Deviation $d): float => log($d->thickness) - $eye, $outcome->members),
        ], 0, \count($factors));
        $moved = array_map(static fn (array $of): float => self::mean($outcome->weights, $of), $logs);
        $apart = array_map(
            static fn (array $of, float $mean): array => array_map(static fn (float $log): float => $log - $mean, $of), $logs, $moved,
        );
        $left = array_map(static fn (array $a): array => array_map(
            static fn (array $b): float => self::mean(
                $outcome->weights, array_map(static fn (float $x, float $y): float => $x * $y, $a, $b),
            ),
            $apart,
        ), $apart);
        $besides = \array_slice([0.0, 0.0, $this->animals(), self::pieces()], 0, \count($factors));
        $known = $this->belief->together($this->heat, $this->heat);
        if (abs($moved[0]) > self::SURPRISING * sqrt($known)) {
            $left[0][0] = max($left[0][0], $known);
        }

        return $this->belief->after($factors, $besides, $moved, new Covariance($left))->oneCookOn($factors);
    }

    /**
     * @param list<float> $weights
     * @param list<float> $values
     */
    private static function mean(array $weights, array $values): float
    {
        return array_sum(array_map(static fn (float $weight, float $value): float => $weight * $value, $weights, $values));
    }

    private function animals(): float
    {
        return (1 - self::HOUSEHOLDS_SHARE) * $this->cut->needSigma ** 2;
    }

    private static function pieces(): float
    {
        return (1 - self::EYES_SHARE) * Spread::THICKNESS_BY_FORM ** 2;
    }
}
