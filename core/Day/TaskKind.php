<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

enum TaskKind: string
{
    case Prepare = 'prepare';
    case SwitchOn = 'switch-on';
    case SettingChange = 'setting-change';
    case ForkTest = 'fork-test';
    case LikelyReady = 'likely-ready';
    case Sauce = 'sauce';
    case Serve = 'serve';
    case Fridge = 'fridge';
}
