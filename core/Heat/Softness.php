<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

enum Softness: string
{
    case Hard = 'hard';
    case Soft = 'soft';
    case FallsApart = 'falls-apart';
}
