<?php

declare(strict_types=1);

namespace Pausis\Core\Tenderness;

enum Softness: string
{
    case Hard = 'hard';
    case Soft = 'soft';
    case FallsApart = 'falls-apart';
}
