<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** The invariant every quantity shares. What a person typed is checked before it gets here, so a breach is a bug. */
final class Finite
{
    public static function atLeast(float $least, float $value, string $what): void
    {
        if (!is_finite($value) || $value < $least) {
            throw new \DomainException(\sprintf('A %s must be finite and at least %s, not %s.', $what, $least, $value));
        }
    }
}
