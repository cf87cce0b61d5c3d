<?php

declare(strict_types=1);

namespace Pausis\Core\Problem;

/** Collects every problem of one input, so that all are told at once. */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    /** @param array<string, float|int|string> $variables */
    public function add(string $code, string $path, array $variables = []): void
    {
        $this->found[] = new Problem($code, $path, $variables);
    }

    /** Whether the value lies in the range; adds a problem if not. */
    public function within(Range $range, float $value, string $path): bool
    {
        if ($range->holds($value)) {
            return true;
        }
        $this->add('out-of-range', $path, [
            'value' => is_finite($value) ? $value : 'not a number',
            'least' => $range->least,
            'most' => $range->most,
            'unit' => $range->unit,
        ]);

        return false;
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->found;
    }

    public function none(): bool
    {
        return [] === $this->found;
    }

    public function throwIfAny(): void
    {
        if ([] !== $this->found) {
            throw new InvalidInput($this->found);
        }
    }
}
