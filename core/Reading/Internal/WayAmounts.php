<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\AmountReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Way;

/** What another way of cooking takes instead: "in the pressure cooker halve the stock", "slow cooker: leave out half of the water". */
final readonly class WayAmounts
{
    private const FACTORS = [
        '/\b(?:halve|half|halving|(?:leave out|omit|drop|without|minus|less) half(?: of)?)(?:\s+of)?\s+(?:the\s+'
            .'|all\s+the\s+)?%s\b/iu' => 0.5,
        '/\b(?:two[- ]thirds|2\/3|⅔)(?:\s+of)?\s+the\s+%s\b/iu' => 2 / 3,
        '/\b(?:a third|one third|1\/3|⅓)(?:\s+of)?\s+the\s+%s\b/iu' => 1 / 3,
        '/\b(?:a quarter|¼)(?:\s+of)?\s+the\s+%s\b/iu' => 0.25,
        '/\b(?:double|twice)\s+the\s+%s\b/iu' => 2.0,
        '/\b(?:no|without(?: the| any)?|leave out the|omit the|skip the|leave the)\s+%s\b(?!\s+(?:in|on)\b)/iu' => 0.0,
    ];
    private const INSTEAD = '/(?:\b(?:only|just|use|with|take|to|instead|and)\s+|\|\s*)(?<amount>(?:[\d½¼¾⅓⅔]|half\s|an?\s|one\s|two\s'
        .'|three\s)(?:(?!\band\b)[^,;.|]|[.,](?=\d)){0,22}?)\s+(?:of\s+)?(?:the\s+)?%s\b|\b%s\s+(?:down\s+)?(?:to'
        .'|only)\s+(?<to>[\d½¼¾⅓⅔](?:[^,;.|]|[.,](?=\d)){0,14})/iu';
    private const OF_WAY = [
        [Method::SlowCooker, '/\b(?:slow[- ]?cook(?:er|ing)?|crock|slowcooker|sc)\b/iu'],
        [Method::Pressure, '/\bpressure\b/iu'],
        [Method::Oven, '/\boven\b/iu'],
        [Method::Hob, '/\b(?:hob|stove(?:top)?)\b/iu'],
    ];

    /** @param list<Ingredient> $ingredients */
    public function __construct(private array $ingredients, private AmountReader $amounts)
    {
    }

    /**
     * @param list<Way>                        $ways
     * @param list<array{string, string, int}> $sentences text, zone, line
     *
     * @return list<Way>
     */
    public function over(array $ways, array $sentences): array
    {
        return \count($ways) < 2
            ? $ways
            : array_map(
                fn (Way $way, int $k): Way => 0 === $k ? $way : $way->taking($this->of($way->method, $sentences)), $ways, array_keys($ways),
            );
    }

    /**
     * @param list<array{string, string, int}> $sentences
     *
     * @return list<array{ingredient: int, factor: float|null, millilitres: float|null}>
     */
    private function of(Method $method, array $sentences): array
    {
        $found = [];
        $current = null;
        $underHeading = false;
        foreach ($sentences as [$text, $zone]) {
            $named = self::methodOf($text);
            $goesOn = $underHeading || !preg_match('/^\W*(?:[-–•*]|\d|\p{Lu})/u', $text) || preg_match(
                '/\b(?:leave out|halve|half|only|omit)\b/iu', $text,
            );
            $current = 'heading' === $zone ? $named : $named ?? ($goesOn ? $current : null);
            $underHeading = 'heading' === $zone ? null !== $named : $underHeading;
            if ($current !== $method) {
                continue;
            }
            foreach ($this->ingredients as $place => $one) {
                $change = $one->role->isPoured() ? $this->change($text, $one) : null;
                if (null !== $change) {
                    $found[$place] = ['ingredient' => $place, ...$change];
                }
            }
        }

        return array_values($found);
    }

    private static function methodOf(string $text): ?Method
    {
        foreach (self::OF_WAY as [$method, $pattern]) {
            if (preg_match($pattern, $text)) {
                return $method;
            }
        }

        return null;
    }

    /** @return array{factor: float|null, millilitres: float|null}|null */
    private function change(string $text, Ingredient $one): ?array
    {
        $last = (string) preg_replace('/^.*\s/u', '', trim($one->foodText));
        $name = '(?:'.implode(
            '|',
            array_map(
                static fn (string $n): string => preg_quote($n, '/'),
                array_unique(array_filter([
                    $one->foodText, $last, ...('broth' === $last ? ['stock'] : ('stock' === $last ? ['broth'] : [])), 'liquid',
                ])),
            ),
        ).')';
        foreach (self::FACTORS as $pattern => $factor) {
            if (preg_match(\sprintf($pattern, $name), $text)) {
                return ['factor' => $factor, 'millilitres' => null];
            }
        }
        if (!preg_match(str_replace('%s', $name, self::INSTEAD), $text, $m)) {
            return null;
        }
        $amount = $this->amounts->find('' !== $m['amount'] ? $m['amount'] : ($m['to'] ?? ''))?->amount;
        $each = $amount?->unit?->millilitres($this->amounts->system());

        return null === $amount || null === $each ? null : ['factor' => null, 'millilitres' => $amount->middle() * $each];
    }
}
