<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

/** Keeps what was worked out for the same physical inputs. */
interface OutcomeStore
{
    /**
     * @param string              $key of the inputs and the model's version
     * @param callable(): Outcome $run where it isn't kept
     */
    public function outcome(string $key, callable $run): Outcome;
}
