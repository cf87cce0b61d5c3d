<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

/** So many of so many, and between what that leaves the truth (Wilson; two standard errors unless asked otherwise). */
final class Share
{
    private int $of = 0;
    private int $hits = 0;

    public function count(bool $hit): void
    {
        ++$this->of;
        $this->hits += $hit ? 1 : 0;
    }

    public function of(): int
    {
        return $this->of;
    }

    /** Percent; NAN of none. */
    public function percent(): float
    {
        return 0 === $this->of ? \NAN : 100 * $this->hits / $this->of;
    }

    /** @return array{float, float} percent */
    public function interval(float $z = 1.96): array
    {
        $n = max(1, $this->of);
        $p = $this->hits / $n;
        $middle = ($p + $z ** 2 / (2 * $n)) / (1 + $z ** 2 / $n);
        $half = $z / (1 + $z ** 2 / $n) * sqrt($p * (1 - $p) / $n + $z ** 2 / (4 * $n ** 2));

        return [100 * max(0.0, $middle - $half), 100 * min(1.0, $middle + $half)];
    }

    public function __toString(): string
    {
        return 0 === $this->of ? '–' : vsprintf('%.0f %% (%.0f–%.0f of %d)', [$this->percent(), ...$this->interval(), $this->of]);
    }
}
