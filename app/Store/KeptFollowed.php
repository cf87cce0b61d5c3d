<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Pausis\Core\Following\FollowedCook;
use Pausis\Core\Following\FollowedStore;
use Symfony\Contracts\Cache\CacheInterface;

/** Pots as they were last followed, in the cache of outcomes. */
final readonly class KeptFollowed implements FollowedStore
{
    public function __construct(private CacheInterface $outcomes)
    {
    }

    public function followed(string $key, callable $work): FollowedCook
    {
        return $this->outcomes->get("followed-$key", static fn (): FollowedCook => $work());
    }
}
