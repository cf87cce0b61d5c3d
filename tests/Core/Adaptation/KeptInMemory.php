<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Evaluate\OutcomeStore;

/** What was run once for one test needn't be for the next. */
final class KeptInMemory implements OutcomeStore
{
    /** @var array<string, Outcome> */
    private array $kept = [];

    public function outcome(string $key, callable $run): Outcome
    {
        return $this->kept[$key] ??= $run();
    }
}
