<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** Keeps nothing. */
final readonly class NothingFollowed implements FollowedStore
{
    public function followed(string $key, callable $work): FollowedCook
    {
        return $work();
    }
}
