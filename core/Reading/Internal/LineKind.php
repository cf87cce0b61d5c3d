<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

enum LineKind
{
    case Title;
    case Heading;
    case Ingredient;
    case Step;
    case Facts;
    case Unread;
}
