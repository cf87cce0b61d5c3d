<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

enum ProbePlace: string
{
    case Core = 'core';
    case Liquid = 'liquid';
}
