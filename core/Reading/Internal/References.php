<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Reading\AmountReader;
use Pausis\Core\Recipe\Amount;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;

/** Amounts measured by another line: the same tin a third full, what is left of the cider, half of the onions. */
final readonly class References
{
    private const SAME_CONTAINER = '/\b(?:the\s+)?(?:same|empty|that|tomato|bean|used)\s+(?<what>tins?|cans?|jars?|cartons?|bottles?)\b/iu';
    private const LEFT = '/^\W*(?:what(?:ever)?(?:[’\']s|\s+is)?\s+left\s+(?:of|from)|the\s+rest\s+of|(?:the\s+)?(?:remaining|leftover'
        .'|rest|reserved|remainder)\b|the\s+other\b|half\s+the\b|half\s+of\s+the\b)/iu';
    private const USUAL = ['tin' => 400.0, 'can' => 400.0, 'jar' => 300.0, 'carton' => 500.0, 'bottle' => 750.0];

    public function __construct(private AmountReader $amounts)
    {
    }

    /** Whether a line reads like an ingredient that another line measures. */
    public static function refers(string $line): bool
    {
        return preg_match(self::SAME_CONTAINER, $line) || preg_match(self::LEFT, $line);
    }

    /**
     * @param list<Ingredient> $before the lines above
     */
    public function resolve(Ingredient $one, array $before): Ingredient
    {
        if (preg_match(self::SAME_CONTAINER, $one->source, $m)) {
            return $this->ofContainer($one, $before, rtrim(mb_strtolower($m['what']), 's'));
        }
        if (preg_match(self::LEFT, $one->source)) {
            return $this->leftOf($one, array_values(array_filter($before, static fn (Ingredient $b): bool => $b->isLike($one))));
        }

        return $one;
    }

    /** @param list<Ingredient> $before */
    private function ofContainer(Ingredient $one, array $before, string $container): Ingredient
    {
        $each = self::USUAL[$container];
        foreach (array_reverse($before) as $b) {
            $whole = self::containerOf($b->amount);
            if (null !== $whole) {
                $each = $whole;
                break;
            }
        }
        $share = $this->share($one->source);
        $millilitres = round($each * $share, 1);

        return $one->named()->measured(self::written($millilitres), new Amount($millilitres, $millilitres, Unit::Millilitre),
            $millilitres * ($one->food->density ?? 1.0), $millilitres, Doubt::FromAnotherLine, 0.8);
    }

    private function share(string $text): float
    {
        $share = 1.0;
        if (preg_match(
            '/\b(?:(?<n>one|two|three|a)?\s*(?<part>half|halves|third|thirds|quarter|quarters)|½|⅓|¼|¾|⅔|twice)\b/iu', $text, $m,
        )) {
            $share = Number::value(str_contains(mb_strtolower($m[0]), 'twice') ? '2' : (string) preg_replace(
                ['/halves/iu', '/^one /iu'], ['half', 'a '], $m[0],
            ));
        } elseif (preg_match('/[½⅓¼¾⅔]/u', $text, $m)) {
            $share = Number::value($m[0]);
        }

        return $share;
    }

    /** @param list<Ingredient> $same of the same food, above */
    private function leftOf(Ingredient $one, array $same): Ingredient
    {
        if ([] === $same) {
            return $one;
        }
        $whole = $used = null;
        foreach ($same as $b) {
            $bottle = $this->amounts->find($b->notes)?->amount;
            if (true === $b->amount?->unit?->isContainer() || null !== $b->amount?->container) {
                $whole = ($whole ?? 0.0) + (float) $b->millilitres;
            } else {
                $used = ($used ?? 0.0) + (float) $b->millilitres;
                $whole ??= null === $bottle?->container ? null : $bottle->middle() * (float) $bottle->unit?->millilitres();
            }
        }
        if ($one->role->isPoured() && null !== $whole && null !== $used && $whole > $used) {
            $left = round($whole - $used, 1);

            return $one->named()->measured(
                self::written($left), new Amount($left, $left, Unit::Millilitre), $left * ($one->food->density ?? 1.0), $left,
                Doubt::FromAnotherLine, 0.8,
            );
        }
        if ($one->role->isPoured() && null === $used) {
            return $one->named();
        }

        return $one->named()->measured('0 g', new Amount(0, 0, Unit::Gram), 0.0, 0.0, Doubt::CountedBefore, 0.85);
    }

    private static function containerOf(?Amount $amount): ?float
    {
        if (null !== $amount?->container && null !== $amount->unit && $amount->count > 0) {
            return $amount->middle() / $amount->count * ($amount->unit->millilitres() ?? $amount->unit->grams() ?? 1.0);
        }

        return true === $amount?->unit?->isContainer() ? self::USUAL[$amount->unit->value] ?? null : null;
    }

    private static function written(float $millilitres): string
    {
        return round($millilitres).' ml';
    }
}
