<?php

declare(strict_types=1);

namespace Pausis\App\Store;

/** Why the store could not do what was asked of it, as far as the cook can do something about it. */
enum Failure: string
{
    case Full = 'full';
    case ReadOnly = 'read-only';
    case Locked = 'locked';
    case Damaged = 'damaged';

    /** By the words of SQLite, wherever in the chain they are; null where it is another error. */
    public static function of(?\Throwable $error): ?self
    {
        for (; null !== $error; $error = $error->getPrevious()) {
            $words = $error->getMessage();
            $found = match (true) {
                str_contains($words, 'disk is full'), str_contains($words, 'disk I/O error') => self::Full,
                str_contains($words, 'readonly database'), str_contains($words, 'unable to open database file') => self::ReadOnly,
                str_contains($words, 'disk image is malformed'), str_contains($words, 'file is not a database') => self::Damaged,
                str_contains($words, 'database is locked'), str_contains($words, 'table is locked') => self::Locked,
                default => null,
            };
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    public function status(): int
    {
        return self::Full === $this ? 507 : 503;
    }
}
