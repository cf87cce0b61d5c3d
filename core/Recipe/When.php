<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** When in a braise something is done. */
final readonly class When
{
    /** @param Minutes|null $offset after switching on, or before the end */
    private function __construct(public Timing $timing, public ?Minutes $offset = null)
    {
    }

    public static function before(): self
    {
        return new self(Timing::Before);
    }

    public static function eveningBefore(): self
    {
        return new self(Timing::EveningBefore);
    }

    public static function afterStart(?Minutes $offset): self
    {
        return new self(Timing::AfterStart, $offset);
    }

    public static function beforeEnd(Minutes $offset): self
    {
        return new self(Timing::BeforeEnd, $offset);
    }

    public static function atTheEnd(): self
    {
        return new self(Timing::End);
    }
}
