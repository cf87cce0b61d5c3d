<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Day\HandsOn;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/** What cooks by itself beside the braise is peeled and cut first, where no sentence of the recipe's own does that. */
final readonly class SidesCut implements Rule
{
    public const CODE = 'side-cut';
    private const CUTS = '/\b(?:peel|slice|chop|cut|dice|shred|grate|trim|quarter|halve|core|cube)\w*\b/iu';
    /** Less is cut on the way, minutes. */
    private const LEAST = 1.0;

    public function applied(Process $process, Circumstances $in): Process
    {
        $dish = $in->order->recipe->dish;
        foreach ($process->in(Stage::Table) as $deed) {
            $foods = !$deed->isBeside || null === $deed->act->minutes ? [] : array_values(array_filter(
                $dish->ingredients,
                static fn (Ingredient $i): bool => $i->needsAKnife() && PartKind::Braise !== $i->part
                    && \in_array($i->key(), $deed->act->foods, true) && !self::isCut($i, $deed, $dish),
            ));
            if ((HandsOn::cutting($foods)->value ?? 0.0) >= self::LEAST) {
                $named = ['food' => implode(', ', array_map(static fn (Ingredient $i): string => $i->foodText, $foods))];
                $keys = array_map(static fn (Ingredient $i): string => $i->key(), $foods);
                $process = $process->ahead($deed, Deed::added(ActKind::Cut, $deed->stage, self::CODE, $keys, $named)->beside());
            }
        }

        return $process;
    }

    /** By a sentence of its own, with hands for it, or before it cooked the first time. */
    private static function isCut(Ingredient $one, Deed $deed, Dish $dish): bool
    {
        foreach ($dish->beside() as $part) {
            foreach ($part->acts as $act) {
                if ($act === $deed->act) {
                    return false;
                }
                if (\in_array($one->key(), $act->foods, true) && (null !== $act->minutes || preg_match(self::CUTS, $act->words))) {
                    return true;
                }
            }
        }

        return false;
    }
}
