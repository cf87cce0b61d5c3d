<?php

declare(strict_types=1);

namespace Pausis\Core\Sequence;

/**
 * The sums over all ways to label a sequence, up to each place and from each place on, and the marginal probabilities that they give. Every
 * row is scaled to sum to 1, so that long sequences stay within a float's range. Rabiner 1989.
 */
final readonly class ForwardBackward
{
    /**
     * @param list<list<float>>       $forward   for each place and label, of all ways that end there in that label
     * @param array<int, list<float>> $backward  of all ways on from there
     * @param list<list<float>>       $marginals
     */
    private function __construct(public array $forward, public array $backward, public array $marginals)
    {
    }

    /**
     * @param list<list<float>> $here  how well each label fits each place, alone
     * @param list<list<float>> $moves how well each label (inner) follows each (outer)
     */
    public static function over(array $here, array $moves): self
    {
        if ([] === $here) {
            return new self([], [], []);
        }
        $forward = self::forward($here, $moves);
        $backward = self::backward($here, $moves);
        $marginals = [];
        foreach ($forward as $t => $row) {
            $both = [];
            foreach ($row as $label => $sum) {
                $both[] = $sum * $backward[$t][$label];
            }
            $marginals[] = self::scaled($both);
        }

        return new self($forward, $backward, $marginals);
    }

    /**
     * @param non-empty-list<list<float>> $here
     * @param list<list<float>>           $moves
     *
     * @return list<list<float>>
     */
    private static function forward(array $here, array $moves): array
    {
        $most = \count($moves);
        $forward = [self::scaled($here[0])];
        for ($t = 1, $end = \count($here); $t < $end; ++$t) {
            $row = [];
            for ($to = 0; $to < $most; ++$to) {
                $sum = 0.0;
                for ($from = 0; $from < $most; ++$from) {
                    $sum += $forward[$t - 1][$from] * $moves[$from][$to];
                }
                $row[] = $sum * $here[$t][$to];
            }
            $forward[] = self::scaled($row);
        }

        return $forward;
    }

    /**
     * @param non-empty-list<list<float>> $here
     * @param list<list<float>>           $moves
     *
     * @return array<int, list<float>>
     */
    private static function backward(array $here, array $moves): array
    {
        $most = \count($moves);
        $end = \count($here) - 1;
        $backward = [$end => array_fill(0, $most, 1.0)];
        for ($t = $end - 1; $t >= 0; --$t) {
            $row = [];
            for ($from = 0; $from < $most; ++$from) {
                $sum = 0.0;
                for ($to = 0; $to < $most; ++$to) {
                    $sum += $moves[$from][$to] * $here[$t + 1][$to] * $backward[$t + 1][$to];
                }
                $row[] = $sum;
            }
            $backward[$t] = self::scaled($row);
        }

        return $backward;
    }

    /**
     * @param list<float> $row
     *
     * @return list<float>
     */
    private static function scaled(array $row): array
    {
        $sum = array_sum($row);

        return array_map(static fn (float $v): float => $v / $sum, $row);
    }
}
