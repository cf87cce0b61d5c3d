<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** Who speaks, where a text is a talk of several. */
enum Voice: string
{
    case Nobody = '';
    /** Who tells the recipe: the one who names most amounts. */
    case Cook = 'cook';
    case Other = 'other';
}
