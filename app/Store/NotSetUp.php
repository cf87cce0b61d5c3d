<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\TableNotFoundException;

/** Reading where no store has been set up yet, as the console may: there is nothing in it. */
final class NotSetUp
{
    /**
     * @template T
     *
     * @param callable(): T $read
     * @param T             $nothing
     *
     * @return T
     */
    public static function or(callable $read, mixed $nothing): mixed
    {
        try {
            return $read();
        } catch (TableNotFoundException|ConnectionException) {
            return $nothing;
        }
    }
}
