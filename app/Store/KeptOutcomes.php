<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Evaluate\OutcomeStore;
use Symfony\Contracts\Cache\CacheInterface;

/** Outcomes in the cache: losing one costs only the time to work it out again. */
final readonly class KeptOutcomes implements OutcomeStore
{
    public function __construct(private CacheInterface $outcomes)
    {
    }

    public function outcome(string $key, callable $run): Outcome
    {
        return $this->outcomes->get($key, static fn (): Outcome => $run());
    }
}
