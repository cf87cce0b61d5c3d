<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** Where what was worked out of a pot is kept, by all that it depends on; losing it costs only the time to work it out again. */
interface FollowedStore
{
    /** @param callable(): FollowedCook $work */
    public function followed(string $key, callable $work): FollowedCook;
}
