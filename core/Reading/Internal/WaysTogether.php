<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Way;

/** Statements of hours put together to ways: what one method takes in turn is added, what is said twice counts once. */
final readonly class WaysTogether
{
    /** On one setting of a slow cooker, beside one of so long. */
    private const SHORT_MINUTES = 60.0;
    private const LONG_MINUTES = 180.0;

    private const SHARE_OF_BASE = 0.35;
    private const LEAST_OF_A_WAY = 50.0;

    /** @param list<CookingSentence> $said in the recipe's order */
    public function __construct(private array $said, private bool $slowMentioned)
    {
    }

    /** @return list<Way> */
    public function all(): array
    {
        $ways = [];
        foreach (Method::cases() as $method) {
            $of = array_values(array_filter($this->said, static fn (CookingSentence $c): bool => $method === $c->method));
            $inSteps = array_values(array_filter($of, static fn (CookingSentence $c): bool => !$c->fact));
            $facts = array_values(array_filter($of, static fn (CookingSentence $c): bool => $c->fact));
            // Settings that the method leaves out may stand beside it.
            $of = [] === $inSteps ? $of : [...$inSteps, ...(Method::SlowCooker === $method ? self::besides($inSteps, $facts) : [])];
            if ([] === $of) {
                continue;
            }
            $ways[] = [
                array_search($of[0], $this->said, true), Method::SlowCooker === $method ? $this->slow($of) : self::plain($method, $of),
            ];
        }
        $unsaid = array_values(array_filter($this->said, static fn (CookingSentence $c): bool => null === $c->method));
        if ([] === $ways && [] !== $unsaid) {
            $inSteps = array_values(array_filter($unsaid, static fn (CookingSentence $c): bool => !$c->fact));
            $ways[] = [0, self::plain($this->slowMentioned ? Method::SlowCooker : Method::Hob,
                [] === $inSteps ? $unsaid : $inSteps, 0.6)];
        } elseif ([] !== ($first = $this->toldFirst($unsaid, $ways))) {
            $ways[] = [array_search($first[0], $this->said, true), self::plain(Method::Hob, $first, 0.85)];
        } elseif (1 === \count($ways) && Method::SlowCooker !== $ways[0][1]->method) {
            foreach ($unsaid as $one) {
                $way = $ways[0][1];
                if (!$one->more || $one->fact || null === $one->minutes || null === $way->minutes
                    || array_search($one, $this->said, true) < $ways[0][0]) {
                    continue;
                }
                $ways[0][1] = new Way(
                    $way->method, $way->minutes->plus($one->minutes), $way->celsius, $way->settings, $way->phases, $way->lid,
                    $way->amounts,
                    $way->confidence,
                );
            }
        }
        usort($ways, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ways, 1);
    }

    /**
     * What notes tell of settings that the steps don't name.
     *
     * @param list<CookingSentence> $steps
     * @param list<CookingSentence> $facts
     *
     * @return list<CookingSentence>
     */
    private static function besides(array $steps, array $facts): array
    {
        $named = array_map(static fn (CookingSentence $c): ?string => $c->setting, $steps);

        return array_values(array_filter(
            $facts,
            static fn (CookingSentence $c): bool => null !== $c->setting && !$c->more && !\in_array($c->setting, $named, true),
        ));
    }

    /**
     * Hours of the method without a word of where, before a slow cooker is spoken of: the recipe's own way.
     *
     * @param list<CookingSentence>       $unsaid
     * @param list<array{int|false, Way}> $ways
     *
     * @return list<CookingSentence>
     */
    private function toldFirst(array $unsaid, array $ways): array
    {
        $aside = array_values(array_filter($ways, fn (array $way): bool => Method::SlowCooker === $way[1]->method
            || [] === array_filter($this->said, static fn (CookingSentence $c): bool => !$c->fact && $c->method === $way[1]->method)));
        $own = array_values(array_filter(
            $unsaid, static fn (CookingSentence $c): bool => !$c->fact && ($c->minutes->high ?? 0.0) >= self::LEAST_OF_A_WAY,
        ));

        return 1 === \count($ways) && 1 === \count($aside) && [] !== $own && array_search($own[0], $this->said, true) < $aside[0][0]
            ? $own
            : [];
    }

    /** @param non-empty-list<CookingSentence> $of */
    private static function plain(Method $method, array $of, float $confidence = 1.0): Way
    {
        $minutes = $celsius = $lid = null;
        $longest = max(array_map(static fn (CookingSentence $c): float => $c->minutes->high ?? 0.0, $of));
        foreach ($of as $one) {
            // What is short before the long time is still the base.
            if (null === $one->minutes || (null === $minutes && !$one->more && $one->minutes->high < self::SHARE_OF_BASE * $longest)) {
                continue;
            }
            $lid ??= $one->lid;
            if (null === $minutes || $one->more || !$one->fact) {
                $minutes = null === $minutes ? $one->minutes : $minutes->plus($one->minutes);
            }
            $celsius = $one->minutes->high === $longest || null === $celsius ? $one->celsius ?? $celsius : $celsius;
        }

        return new Way($method, $minutes, $celsius, lid: $lid, confidence: $confidence);
    }

    /**
     * "If it is thin, on High for half an hour" is no way to cook it.
     *
     * @param array<string, Minutes> $settings
     *
     * @return array<string, Minutes>
     */
    private static function withoutTheShort(array $settings): array
    {
        $longest = max([0.0, ...array_map(static fn (Minutes $m): float => $m->high, array_values($settings))]);

        return array_filter($settings, static fn (Minutes $m): bool => $m->high >= self::SHORT_MINUTES || $longest < self::LONG_MINUTES);
    }

    /** @param non-empty-list<CookingSentence> $of */
    private function slow(array $of): Way
    {
        $settings = $phases = [];
        $lid = $last = null;
        foreach ($of as $k => $one) {
            $lid ??= $one->lid;
            if (null === $one->minutes) {
                continue;
            }
            $setting = $one->setting ?? (1 === \count($of) || 0 === $k ? 'low' : null);
            if (null === $setting) {
                continue;
            }
            $before = $of[$k - 1] ?? null;
            if ($one->then && null !== $before?->minutes && null !== $last && $last !== $setting) {
                $phases = [] === $phases ? [['setting' => $last, 'minutes' => $before->minutes]] : $phases;
                unset($settings[$last]);
                $phases[] = ['setting' => $setting, 'minutes' => $one->minutes];
            } elseif (isset($settings[$setting]) && ($one->more || $one->then)) {
                $settings[$setting] = $settings[$setting]->plus($one->minutes);
            } else {
                $isShort = isset($settings[$setting]) && $settings[$setting]->high < self::SHORT_MINUTES;
                $settings[$setting] = $isShort ? $one->minutes : $settings[$setting] ?? $one->minutes;
            }
            $last = $setting;
        }
        if ([] !== $phases) {
            $sum = array_reduce($phases, static fn (?Minutes $all, array $p): Minutes => $all?->plus($p['minutes']) ?? $p['minutes']);
            \assert($sum instanceof Minutes);
            $settings = [implode('+', array_column($phases, 'setting')) => $sum] + $settings;
        }
        $settings = self::withoutTheShort($settings);
        $lowest = [] === $phases ? null : $settings[implode('+', array_column($phases, 'setting'))];
        foreach (['low', 'auto', 'medium', 'high'] as $setting) {
            $lowest ??= $settings[$setting] ?? null;
        }

        return new Way(Method::SlowCooker, $lowest ?? array_values($settings)[0] ?? null, null, $settings, $phases, $lid ?? 'lidded');
    }
}
