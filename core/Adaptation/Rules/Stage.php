<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** Where in a slow-cooked day an act has its place. */
enum Stage: string
{
    case Evening = 'evening';
    case Before = 'before';
    /** Into the pot, lid on, switched on. */
    case Start = 'start';
    case During = 'during';
    /** From the pot to the plate. */
    case Finish = 'finish';
    case Table = 'table';
    case Later = 'later';
    /** Out of the fridge, on the day that it is eaten. */
    case Again = 'again';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
