<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

enum CautionGroup: string
{
    case ColdHours = 'cold-hours';
    case Before = 'before';
    case Kept = 'kept';
    case Hands = 'hands';
}
