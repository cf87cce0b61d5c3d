<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** Why a braise cooks on the setting that was taken. */
enum WhySetting: string
{
    case Cook = 'cook';
    case Recipe = 'recipe';
    case House = 'house';
    case Day = 'day';
}
