<?php

declare(strict_types=1);

namespace Pausis\App\Access;

use Pausis\App\Store\Households;
use Pausis\App\Store\HouseRecord;
use Pausis\Core\Larder\Larder;
use Symfony\Component\PasswordHasher\Hasher\NativePasswordHasher;

/** What lets a device of the household in: kept as its argon2id hash. */
final readonly class Passphrase
{
    /** Of the larder's some hundreds: with the door's patience nobody guesses five of them. */
    private const WORDS = 5;
    private const SHORTEST = 8;
    /** Of 4 bits each. */
    private const KEY_CHARACTERS = 40;
    private const WORD = '/^[a-z]{4,9}$/';

    public function __construct(private Households $households, private Larder $larder)
    {
    }

    public function isSet(): bool
    {
        return '' !== $this->households->get()->passphrase;
    }

    public function isShort(string $typed): bool
    {
        return mb_strlen($typed) < self::SHORTEST;
    }

    public function set(string $typed): void
    {
        $hash = self::hasher()->hash($typed);
        $this->households->change($this->households->get()->revision, static function (HouseRecord $house) use ($hash): void {
            $house->passphrase = $hash;
        });
    }

    public function is(string $typed): bool
    {
        return $this->isSet() && self::hasher()->verify($this->households->get()->passphrase, $typed);
    }

    /** Part of the address of the house's calendar; empty while there is no passphrase. */
    public function calendarKey(): string
    {
        return $this->isSet() ? substr(hash_hmac('sha256', 'calendar', $this->households->get()->passphrase), 0, self::KEY_CHARACTERS) : '';
    }

    public function isCalendarKey(string $key): bool
    {
        return $this->isSet() && hash_equals($this->calendarKey(), $key);
    }

    /** A new one, of words for food. */
    public function propose(): string
    {
        $words = [];
        foreach ($this->larder->all() as $food) {
            foreach ($food->words as $word) {
                $words += preg_match(self::WORD, $word) ? [$word => $word] : [];
            }
        }
        $words = array_values($words);

        return implode(' ', array_map(static fn (): string => $words[random_int(0, \count($words) - 1)], range(1, self::WORDS)));
    }

    private static function hasher(): NativePasswordHasher
    {
        return new NativePasswordHasher(algorithm: \PASSWORD_ARGON2ID);
    }
}
