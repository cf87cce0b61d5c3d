<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\SidesCut;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Part;
use Pausis\Core\Recipe\PartKind;

/** The work of what is made beside the braise, in the recipe's own words and minutes. */
final readonly class Sides
{
    public const WORK = 'side-work';
    /** Minutes that what comes of it may wait. Estimates, docs/model.md §8. */
    private const WAITS = 20;
    private const CUT_WAITS = 90;
    /** Dumplings on the stew cook in its pot. */
    private const IN_THE_POT = '/\b(?:on (?:top of )?|onto |over )the (?:stew|pot|sauce|braise|casserole|meat)\b[^.;]*\bcover/iu';
    private const BY_HAND = '/\b(?:stir\w*|ladle\w*|whisk\w*|turn\w*)\b/iu';
    private const IN_THE_OVEN = '/\b(?:oven|roast\w*|bak(?:e|ed|ing))\b/iu';
    private const ON_A_RING = '/\b(?:boil\w*|simmer\w*|cook\w*|steam\w*|fry\w*|fried|poach\w*)\b/iu';
    /** Minutes of hands where the recipe gives none, and where it times what cooks by itself. */
    private const HANDS = 10.0;
    private const HANDS_BESIDE_TIMED = 5.0;
    private const GOES_ON = '/^\W*(?:drain|rinse|toss|mash|fluff|butter)\b/iu';
    /** "Stir in the butter": what cooks by itself ends with it. */
    private const A_TOUCH = '/^\W*(?:then )?(?:(?:stir|beat|fold|whisk|swirl) (?:in|through)|add) [^.;,]{3,80}$/iu';
    private const MORE = 3;

    public function __construct(private Dish $dish)
    {
    }

    /** What cooks by itself needs only its ring or the oven. */
    public function work(Deed $d): Chore
    {
        $minutes = $d->act->minutes?->middle();

        return new Chore(
            self::WORK, self::WORK, $d->stage, [], ['part' => $this->partOf($d)->id ?? '', 'text' => $d->words()],
            (int) round($minutes ?? $this->handling($d)), null, match (true) {
                null === $minutes => Uses::Hands,
                1 === preg_match(self::IN_THE_POT, $d->act->source) => Uses::Nothing,
                1 === preg_match(self::BY_HAND, $d->act->source) => Uses::HandsAndRing,
                1 === preg_match(self::IN_THE_OVEN, $d->act->source) => Uses::Oven,
                1 === preg_match(self::ON_A_RING, $d->act->source) => Uses::Ring,
                default => Uses::Nothing,
            }, self::WAITS,
        );
    }

    /** Peeling and cutting, by the weight. */
    public function knife(Deed $d): ?Chore
    {
        $foods = array_values(array_filter(
            $this->dish->ingredients, static fn (Ingredient $i): bool => \in_array($i->key(), $d->act->foods, true),
        ));
        $minutes = HandsOn::cutting($foods)?->value;

        return null === $minutes ? null : new Chore(
            SidesCut::CODE, SidesCut::CODE, $d->stage, [], ['part' => $foods[0]->part->value, ...$d->variables],
            (int) max(1, round($minutes)), null, Uses::Hands, self::CUT_WAITS,
        );
    }

    /** Work at the bench for one dish beside the braise, without a time of its own, goes on as one. */
    public static function goesOn(Chore $one, Chore $more): bool
    {
        return self::WORK === $one->code && self::WORK === $more->code && Uses::Hands === $more->uses
            && $one->variables['part'] === $more->variables['part']
            && (Uses::Hands === $one->uses || preg_match(self::A_TOUCH, (string) $more->variables['text']));
    }

    public static function joined(Chore $one, Chore $more): Chore
    {
        return $one->with(['text' => Deed::shortened("{$one->variables['text']}; {$more->variables['text']}")])->longer(self::MORE);
    }

    private function partOf(Deed $d): ?Part
    {
        foreach ($this->dish->beside() as $part) {
            if (\in_array($d->act, $part->acts, true)) {
                return $part;
            }
        }

        return null;
    }

    /** Hands at a side for which the recipe gives no minutes: less where the sentence times what cooks by itself. */
    private function handling(Deed $d): float
    {
        foreach ($this->dish->beside() as $part) {
            foreach ($part->acts as $act) {
                $goesOn = $act->source === $d->act->source || preg_match(self::GOES_ON, $d->act->words)
                    || PartKind::Sauce === $part->kind;
                if ($goesOn && \in_array($d->act, $part->acts, true) && null !== $act->minutes) {
                    return self::HANDS_BESIDE_TIMED;
                }
            }
        }

        return self::HANDS;
    }
}
