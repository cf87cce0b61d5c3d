<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** One change that makes an impossible day possible. */
final readonly class WayOut
{
    /**
     * @param string $code  without-side, instead-side, serve-later, more-hands, without-sides, other-setting; for the braise itself own-start, setting, cut, evening-work, delay, day-before, serve-from
     * @param string $value the side or sides with commas between, minutes, hours, how many, or the setting
     */
    public function __construct(public string $code, public string $value)
    {
    }
}
