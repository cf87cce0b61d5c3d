<?php

declare(strict_types=1);

namespace Pausis\Core\Problem;

/** Carries an error list across a call that could not begin. */
final class InvalidInput extends \RuntimeException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(', ', array_map(static fn (Problem $p): string => "$p->path: $p->code", $problems)));
    }
}
