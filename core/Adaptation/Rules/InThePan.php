<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;

/** What the cook does without in the pan, and what is done otherwise there: garlic last, and browning for its flavour. */
final readonly class InThePan implements Rule
{
    private const PAN = [
        ActKind::Brown, ActKind::Render, ActKind::Toast, ActKind::FryBase, ActKind::Fry, ActKind::Deglaze, ActKind::BoilDown,
    ];
    private const BASE = [ActKind::Toast, ActKind::FryBase, ActKind::Fry];
    private const UNDER_THE_GRILL = '/\b(?:broil|grill|char|roast|oven)\w*/iu';
    private const SEALS = '/\bseal(?:s|ed|ing)?\b/iu';
    /** Longer than this, garlic in a hot pan turns bitter. */
    private const GARLIC_MINUTES = 2.0;

    public function applied(Process $process, Circumstances $in): Process
    {
        $effort = $in->order->handling->effort;
        $raw = match ($effort) {
            Effort::Cold => self::PAN,
            Effort::Meat => self::BASE,
            Effort::Full => [],
        };
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($raw, $in, &$entries): Deed {
            $changed = Stage::Before !== $d->stage ? $d : match (true) {
                $d->is(...$raw) && [] !== $raw => $d->gone('goes-in-raw'),
                $d->is(ActKind::FryBase)
                    && !preg_match(self::UNDER_THE_GRILL, $d->act->source)
                    && self::friesGarlicLong($d, $in) => self::refusable($d, 'garlic-last', ['source' => self::words($d)], $in),
                $d->is(ActKind::Brown)
                    && 1 === preg_match(self::SEALS, $d->act->source) => self::refusable($d, 'brown-for-flavour', [], $in),
                default => $d,
            };
            array_push($entries, ...($changed === $d ? [] : $in->step($changed)));

            return $changed;
        });

        return $process->noting(...$entries);
    }

    /** @param array<string, string> $variables */
    private static function refusable(Deed $deed, string $code, array $variables, Circumstances $in): Deed
    {
        $key = $deed->keyOf($code);

        return $deed->otherwise($code, $variables, $key, $in->refuses($key));
    }

    private static function words(Deed $deed): string
    {
        $words = rtrim('' === $deed->act->words ? $deed->act->source : $deed->act->words, '. ');

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    private static function friesGarlicLong(Deed $deed, Circumstances $in): bool
    {
        $garlic = $others = false;
        foreach ($deed->act->foods as $id) {
            $food = $in->order->recipe->dish->ingredient($id);
            $garlic = $garlic || 'garlic' === $food?->food?->id;
            $others = $others || Role::Vegetable === $food?->role;
        }

        return $garlic && $others && (null === $deed->act->minutes || $deed->act->minutes->high > self::GARLIC_MINUTES);
    }
}
