<?php

declare(strict_types=1);

namespace Pausis\Bench;

/** Repeats something and keeps its times, in milliseconds. */
final readonly class Measure
{
    /** @param non-empty-list<float> $times sorted */
    private function __construct(private string $what, private array $times)
    {
    }

    /**
     * @param int<1, max>          $count
     * @param callable(int): mixed $work
     */
    public static function of(string $what, int $count, int $warmUp, callable $work): self
    {
        for ($i = 0; $i < $warmUp; ++$i) {
            $work($i);
        }
        $times = [];
        for ($i = 0; $i < $count; ++$i) {
            $start = hrtime(true);
            $work($i);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return new self($what, $times);
    }

    public function percentile(float $share): float
    {
        return $this->times[(int) floor($share * (\count($this->times) - 1))];
    }

    public function line(float $limit): string
    {
        $p95 = $this->percentile(0.95);

        return \sprintf(
            "%-58s %9.2f %9.2f %9.1f  %s\n", $this->what, $this->percentile(0.5), $p95, $limit, $p95 <= $limit ? 'within' : 'OVER',
        );
    }
}
