<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** What becomes of an act of the recipe in a slow cooker. */
enum Fate: string
{
    case Stays = 'stays';
    case Changed = 'changed';
    case Gone = 'gone';
    case Added = 'added';
}
