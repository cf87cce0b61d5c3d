<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

/** What a piece of work takes of a kitchen. */
enum Uses
{
    case Hands;
    case HandsAndRing;
    /** It goes on by itself. */
    case Ring;
    case Oven;
    case Nothing;

    public function hands(): bool
    {
        return self::Hands === $this || self::HandsAndRing === $this;
    }

    public function rings(): int
    {
        return self::HandsAndRing === $this || self::Ring === $this ? 1 : 0;
    }

    public function ovens(): int
    {
        return self::Oven === $this ? 1 : 0;
    }
}
