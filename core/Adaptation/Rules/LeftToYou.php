<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Reading\Either;

/** What the recipe leaves to the cook is taken as written first; refused, the other goes in. */
final readonly class LeftToYou implements Rule
{
    public function applied(Process $process, Circumstances $in): Process
    {
        return $process->noting(...array_map(static fn (Either $e): LedgerEntry => $in->entry('either', $e->key(), [
            'food' => $e->first->foodText, 'other' => $e->other->foodText,
        ]), $in->order->recipe->leftToYou));
    }
}
