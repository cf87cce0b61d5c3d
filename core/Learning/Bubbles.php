<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/** How a liquid looks through the lid. */
enum Bubbles: string
{
    case None = 'none';
    case AtTheRim = 'rim';
    case AllOver = 'over';
}
