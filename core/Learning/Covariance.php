<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/** A symmetric positive matrix of a few rows: variances, and how quantities vary together. */
final readonly class Covariance
{
    /** Variance below which a quantity counts as known. */
    private const LEAST = 1e-12;

    /** @param list<list<float>> $rows */
    public function __construct(public array $rows)
    {
    }

    /** @param list<float> $variances */
    public static function diagonal(array $variances): self
    {
        $rows = [];
        foreach ($variances as $k => $variance) {
            $row = array_map(static fn (): float => 0.0, $variances);
            $row[$k] = $variance;
            $rows[] = array_values($row);
        }

        return new self($rows);
    }

    /** @param list<float> $by factors on the quantities */
    public function scaled(array $by): self
    {
        $rows = [];
        foreach ($this->rows as $i => $row) {
            $rows[] = array_map(static fn (float $value, float $factor): float => $by[$i] * $factor * $value, $row, $by);
        }

        return new self($rows);
    }

    /** @return list<list<float>> lower triangle L with L·Lᵀ equal to it (Cholesky) */
    public function root(): array
    {
        $root = [];
        foreach ($this->rows as $i => $row) {
            $line = [];
            foreach ($row as $j => $value) {
                if ($j > $i) {
                    $line[] = 0.0;
                    continue;
                }
                $above = $j < $i ? $root[$j] : $line;
                $rest = $value;
                for ($k = 0; $k < $j; ++$k) {
                    $rest -= $line[$k] * $above[$k];
                }
                $line[] = $i === $j ? sqrt(max($rest, self::LEAST)) : $rest / $above[$j];
            }
            $root[] = $line;
        }

        return $root;
    }

    /**
     * What makes $with out of this: x in (this)·x = $with.
     *
     * @param list<float> $with
     *
     * @return list<float>
     */
    public function solve(array $with): array
    {
        $root = $this->root();
        $count = \count($root);
        $half = [];
        for ($i = 0; $i < $count; ++$i) {
            $rest = $with[$i];
            for ($k = 0; $k < $i; ++$k) {
                $rest -= $root[$i][$k] * $half[$k];
            }
            $half[] = $rest / $root[$i][$i];
        }
        $solved = [];
        for ($i = $count - 1; $i >= 0; --$i) {
            $rest = $half[$i];
            foreach ($solved as $n => $value) {
                $rest -= $root[$count - 1 - $n][$i] * $value;
            }
            $solved[] = $rest / $root[$i][$i];
        }

        return array_reverse($solved);
    }
}
