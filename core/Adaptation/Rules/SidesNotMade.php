<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** What the recipe serves with it and the cook doesn't make isn't cooked; refused, it is, as the recipe has it. */
final readonly class SidesNotMade implements Rule
{
    public function applied(Process $process, Circumstances $in): Process
    {
        foreach ($in->order->recipe->leftOut as $side) {
            $entry = $in->entry('side-not-made', $side->key(), ['side' => $side->name]);
            $process = $process->noting($entry)->map(
                static fn (Deed $d): Deed => !$entry->refused && $d->remains() && \in_array($d->act->id, $side->acts, true)
                    ? $d->gone($entry->code, $entry->key)
                    : $d,
            );
        }

        return $process;
    }
}
