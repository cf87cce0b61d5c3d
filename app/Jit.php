<?php

declare(strict_types=1);

namespace Pausis\App;

/**
 * PHP 8.2's JIT computes wrongly over recursion as it comes; with the settings of config/php it doesn't. Started without them, Pausis
 * turns it off.
 */
final class Jit
{
    /** @var array<string, string> */
    private const OURS = ['opcache.jit_max_recursive_calls' => '1', 'opcache.jit_max_recursive_returns' => '0'];

    public static function isRight(): bool
    {
        foreach (self::OURS as $setting => $value) {
            if (\ini_get($setting) !== $value) {
                return !self::isOn();
            }
        }

        return true;
    }

    public static function makeRight(): void
    {
        if (!self::isRight()) {
            ini_set('opcache.jit', 'off');
        }
    }

    private static function isOn(): bool
    {
        $status = \function_exists('opcache_get_status') ? opcache_get_status(false) : false;

        $jit = \is_array($status) ? $status['jit'] ?? null : null;

        return \is_array($jit) && true === ($jit['on'] ?? false);
    }
}
