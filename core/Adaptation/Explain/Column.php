<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\Rules\Stage;

/** Under which hours of the day a line of the adapted recipe stands. */
enum Column: string
{
    case Before = 'before';
    case InThePot = 'pot';
    case ToThePlate = 'plate';

    public static function of(Stage $stage): self
    {
        return match ($stage) {
            Stage::Evening, Stage::Before => self::Before,
            Stage::Start, Stage::During => self::InThePot,
            Stage::Finish, Stage::Table, Stage::Later, Stage::Again => self::ToThePlate,
        };
    }
}
