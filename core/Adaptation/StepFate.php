<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** What becomes of a step of the recipe in a slow cooker. */
enum StepFate: string
{
    case Stays = 'stays';
    case Changed = 'changed';
    case Gone = 'gone';
    case Added = 'added';
}
