<?php

declare(strict_types=1);

namespace Pausis\Training;

/**
 * How many lines are told right, hand by hand, each by what the other hands teach; and whether those said to be sure are.
 */
final readonly class Check
{
    private const BINS = [[0.0, 0.5], [0.5, 0.7], [0.7, 0.8], [0.8, 0.9], [0.9, 1.01]];

    /**
     * @param list<array{hand: int, lines: int, right: int}>     $hands
     * @param list<array{said: float, right: float, lines: int}> $calibration
     * @param array<string, int>                                 $mistakes    "is>told" to how often
     */
    private function __construct(public array $hands, public array $calibration, public array $mistakes)
    {
    }

    /** @param list<int>|null $hands null for all */
    public static function of(LineTraining $training, ?array $hands = null): self
    {
        $labels = LineTraining::labels();
        $rows = $all = $mistakes = [];
        foreach ($hands ?? $training->hands() as $hand) {
            $told = $training->told($hand);
            $right = array_filter($told, static fn (array $t): bool => $t['is'] === $t['told']);
            $rows[] = ['hand' => $hand, 'lines' => \count($told), 'right' => \count($right)];
            array_push($all, ...$told);
            foreach ($told as $one) {
                if ($one['is'] !== $one['told']) {
                    $what = "{$labels[$one['is']]}>{$labels[$one['told']]}";
                    $mistakes[$what] = ($mistakes[$what] ?? 0) + 1;
                }
            }
        }
        arsort($mistakes);

        return new self($rows, self::calibration($all), $mistakes);
    }

    public function share(): float
    {
        return array_sum(array_column($this->hands, 'right')) / max(1, array_sum(array_column($this->hands, 'lines')));
    }

    /**
     * @param list<array{example: int, line: int, is: int, told: int, sure: float}> $told
     *
     * @return list<array{said: float, right: float, lines: int}>
     */
    private static function calibration(array $told): array
    {
        $rows = [];
        foreach (self::BINS as [$low, $high]) {
            $in = array_filter($told, static fn (array $t): bool => $t['sure'] >= $low && $t['sure'] < $high);
            if ([] !== $in) {
                $right = array_filter($in, static fn (array $t): bool => $t['is'] === $t['told']);
                $rows[] = [
                    'said' => array_sum(array_column($in, 'sure')) / \count($in), 'right' => \count($right) / \count($in),
                    'lines' => \count($in),
                ];
            }
        }

        return $rows;
    }
}
