<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Recipe\Ingredient;

/** The usual advice of food-safety authorities, as findings. The local authority and the cooker's booklet come first. */
final class Rules
{
    /** Hours in which the coldest point and the liquid must be past 60 °C, from leaving the fridge. */
    public const HOURS_TO_60 = 4.0;
    private const FILL_WARN = 0.75;
    private const FILL_REFUSE = 0.90;
    private const FILL_LOW = 0.40;
    private const LEAN_WANTS_COVERED = 1 / 3;

    /**
     * Hours from leaving the fridge until the coldest point and the liquid are past 60 °C, in nine pots of ten; INF if never.
     *
     * @param float $minutesOut of the fridge before the pot is on
     */
    public static function fridgeTo60(Window $core60, Window $pot60, float $minutesOut): float
    {
        return null === $core60->latest || null === $pot60->latest ? \INF : max($core60->latest, $pot60->latest) + $minutesOut / 60;
    }

    public static function heatingUp(float $fridgeTo60): ?Finding
    {
        return $fridgeTo60 <= self::HOURS_TO_60 ? null : new Finding('slow-to-60', Severity::Refuse, [
            'hours' => \INF === $fridgeTo60 ? 'never' : $fridgeTo60, 'limitHours' => self::HOURS_TO_60,
        ]);
    }

    /** @return list<Finding> */
    public static function room(PotGeometry $geometry, Joint $joint, float $millilitres): array
    {
        if (!$geometry->fits()) {
            return [new Finding('does-not-fit', Severity::Refuse, [
                'longCm' => 200 * $joint->piece->c, 'wideCm' => 200 * $joint->piece->b, 'thickCm' => 200 * $joint->piece->a,
            ])];
        }
        $fill = $geometry->fill($millilitres);
        $variables = ['percent' => 100 * $fill];

        return match (true) {
            $fill > self::FILL_REFUSE => [new Finding('too-full', Severity::Refuse, $variables)],
            $fill > self::FILL_WARN => [new Finding('rather-full', Severity::Warn, $variables)],
            $fill < self::FILL_LOW => [new Finding('rather-empty', Severity::Note, $variables)],
            default => [],
        };
    }

    /**
     * @param float            $covered     share of the height of what is in the pot that stands in liquid at the start
     * @param list<Ingredient> $ingredients
     *
     * @return list<Finding>
     */
    public static function contents(Joint $joint, float $covered, array $ingredients): array
    {
        $findings = [];
        if ($joint->cut->isPoultry()) {
            $findings[] = new Finding('poultry-thermometer', Severity::Note, ['celsius' => $joint->cut->safeCore->celsius]);
        }
        if ($joint->cut->lean && $covered < self::LEAN_WANTS_COVERED) {
            $findings[] = new Finding('lean-in-own-juices', Severity::Warn);
        }
        $out = $allergens = [];
        foreach ($ingredients as $i) {
            if (null === $i->food) {
                continue;
            }
            if ($i->food->phaseolus) {
                $findings[] = new Finding('boil-beans', Severity::Refuse, ['food' => $i->foodText], 'boil-beans-first');
            }
            if ($i->food->takeOut) {
                $out[] = $i->foodText;
            }
            array_push($allergens, ...$i->food->allergens);
        }
        if ($joint->cut->bone > 0) {
            $out[] = 'bones';
        }
        if ([] !== $out) {
            $findings[] = new Finding('take-out', Severity::Note, ['list' => implode(', ', array_unique($out))]);
        }
        if ([] !== $allergens) {
            $findings[] = new Finding('allergens', Severity::Note, ['list' => implode(', ', array_unique($allergens))]);
        }

        return $findings;
    }
}
