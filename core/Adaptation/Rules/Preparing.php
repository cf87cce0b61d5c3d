<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/** What every braise needs before its pot is on, where the recipe doesn't say it: cutting, drying, the pan, and the evening's work. */
final readonly class Preparing implements Rule
{
    /** "Add the pork with its marinade and fry", "turn the meat in the paste": patted dry it would lose what it is fried in. */
    private const STAYS_WET = '/\bwith (?:all )?(?:its|the|their) marinade\b'
        .'|\b(?:turn|toss|stir|roll|coat)\w*\b[^.;]{0,30}\bin(?:to)? (?:it|the (?:paste|caramel|spices?|masala))\b/iu';
    private const STEEPED = '/\b(?:soaked|steeped|softened|rehydrated) (?:in (?:\w+ ){0,3}water )?(?:for )?(?:about )?'
        .'(?<minutes>\d{1,2}) ?min/iu';
    private const SOAKED = '/\bsoaked (?:overnight|(?:for )?(?:at least |about )?(?:\d+|several|a few)'
        .'(?:\s*(?:-|–|to)\s*\d+)? hours)\b/iu';
    /** Code of the cutting for what is marinated the evening before. */
    public const NIGHT = 'cut-for-the-night';

    public function applied(Process $process, Circumstances $in): Process
    {
        $process = [] === $in->order->recipe->dish->acts() ? self::usual($process, $in) : $process;
        $handling = $in->order->handling;
        $ingredients = $in->order->potIngredients();
        $mixed = array_merge([], ...array_map(static fn (Deed $d): array => $d->act->foods, [
            ...$process->in(Stage::Evening, ActKind::Mix), ...$process->in(Stage::Before, ActKind::Mix),
        ]));
        $unmixed = array_values(array_filter($ingredients, static fn (Ingredient $i): bool => !\in_array($i->key(), $mixed, true)));
        if (null !== HandsOn::mixing($unmixed)) {
            $process = $process->inserted(
                Deed::added(ActKind::Prepare, $handling->mixesTheNightBefore ? Stage::Evening : Stage::Before, 'mix-spices'),
                ...ActKind::cases(),
            );
        }
        $cutting = HandsOn::cutting($ingredients);
        if (null !== $cutting) {
            $water = array_map(
                static fn (Ingredient $i): string => $i->foodText,
                array_filter($ingredients, static fn (Ingredient $i): bool => true === $i->food?->underWater),
            );
            $process = self::cut($process, $in, [] === $water ? 'none' : implode(', ', $water));
        }
        $dry = array_values(array_filter(
            $ingredients, static fn (Ingredient $i): bool => true === $i->food?->phaseolus || true === $i->food?->soak,
        ));
        if ([] !== $dry && !$process->does(Stage::Evening, ActKind::Soak)) {
            $process = self::withoutSoaking($process)->inserted(
                Deed::added(
                    ActKind::Soak, Stage::Evening, 'soak-beans', array_map(static fn (Ingredient $i): string => $i->key(), $dry),
                    ['food' => implode(', ', array_map(static fn (Ingredient $i): string => $i->foodText, $dry))],
                ),
                ...ActKind::cases(),
            );
        }
        $process = self::steepedByTheList(self::soakedByTheList($process, $in), $in);
        if ($handling->saltsTheNightBefore) {
            $process = $process->inserted(Deed::added(ActKind::Season, Stage::Evening, 'salt-meat'));
        }
        if ($process->does(Stage::Before, ActKind::Brown) && !self::isReadied($process)) {
            $process = $process->inserted(Deed::added(ActKind::Dry, Stage::Before, 'dry-meat'), ActKind::Season, ActKind::Brown);
        }

        return $handling->warmInsert && !$process->does(Stage::Before, ActKind::WarmInsert)
            ? $process->inserted(Deed::added(ActKind::WarmInsert, Stage::Before, 'warm-insert'), ActKind::Load) : $process;
    }

    /** "2 gammon hocks, soaked overnight": told only in the list. */
    private static function soakedByTheList(Process $process, Circumstances $in): Process
    {
        $soaked = array_values(array_filter($in->order->recipe->ingredients, static fn (Ingredient $i): bool => Role::Meat === $i->role
            && 1 === preg_match(self::SOAKED, $i->source)));

        return [] === $soaked || $process->does(Stage::Evening, ActKind::Soak) || $process->does(Stage::Before, ActKind::Soak)
            ? $process
            : $process->inserted(Deed::added(
                ActKind::Soak, Stage::Evening, 'soak-beans', array_map(static fn (Ingredient $i): string => $i->key(), $soaked),
                ['food' => implode(', ', array_map(static fn (Ingredient $i): string => $i->foodText, $soaked))],
            ), ...ActKind::cases());
    }

    /** "10 dried chillies, soaked in hot water for 20 minutes": told only in the list. */
    private static function steepedByTheList(Process $process, Circumstances $in): Process
    {
        $told = array_merge([], ...array_map(static fn (Deed $d): array => $d->act->foods, $process->in(Stage::Before, ActKind::Soak)));
        foreach ($in->order->recipe->ingredients as $one) {
            if (Role::Meat === $one->role || \in_array($one->key(), $told, true) || PartKind::Braise !== $one->part
                || !preg_match(self::STEEPED, $one->source, $m)) {
                continue;
            }
            $process = $process->inserted(Deed::added(
                ActKind::Soak, Stage::Before, 'steep', [$one->key()], ['food' => $one->foodText, 'minutes' => (float) $m['minutes']],
            ), ...ActKind::cases());
        }

        return $process;
    }

    /** Whether the meat is dried, or floured, before it is browned, or is to stay as wet as it is. */
    private static function isReadied(Process $process): bool
    {
        foreach ($process->in(Stage::Before, ActKind::Dry, ActKind::Flour, ActKind::Brown) as $deed) {
            return !$deed->is(ActKind::Brown) || preg_match(self::STAYS_WET, $deed->act->source);
        }

        return false;
    }

    /** A list of ingredients without a method is braised as most are. */
    private static function usual(Process $process, Circumstances $in): Process
    {
        $effort = $in->order->handling->effort;
        if (Effort::Cold !== $effort) {
            $process = $process->inserted(Deed::added(ActKind::Brown, Stage::Before, 'brown-meat'), ActKind::Load);
        }
        if (Effort::Full === $effort && HandsOn::hasBase($in->order->potIngredients())) {
            $process = $process->inserted(Deed::added(ActKind::FryBase, Stage::Before, 'fry-base'), ActKind::Load);
        }
        foreach ([ActKind::Lift, ActKind::Strain, ActKind::Skim] as $kind) {
            $process = $process->finishing(Deed::added($kind, Stage::Finish, $kind->value));
        }

        return $process;
    }

    private static function cut(Process $process, Circumstances $in, string $underWater): Process
    {
        if (!$in->order->handling->cutsTheNightBefore) {
            $night = self::cutForTheMarinade($process, $in);
            $process = [] === $night ? $process
                : $process->inserted(Deed::added(ActKind::Cut, Stage::Evening, self::NIGHT, $night), ...ActKind::cases());

            $rest = array_values(array_filter(
                $in->order->potIngredients(), static fn (Ingredient $i): bool => !\in_array($i->key(), $night, true),
            ));

            return [] !== $process->cutting($in->order->recipe->dish) || null === HandsOn::cutting($rest) ? $process
                : $process->inserted(Deed::added(ActKind::Cut, Stage::Before, 'cut-vegetables'), ...ActKind::cases());
        }
        $process = $process->map(static fn (Deed $d): Deed => Stage::Before === $d->stage && $d->is(ActKind::Cut) ? $d->gone() : $d);

        return $process->inserted(Deed::added(ActKind::Cut, Stage::Evening, 'cut-ahead', [], ['list' => $underWater]));
    }

    /**
     * Vegetables that lie in the evening's marinade are cut by then.
     *
     * @return list<string> ids
     */
    private static function cutForTheMarinade(Process $process, Circumstances $in): array
    {
        $taken = array_merge([], ...array_map(
            static fn (Deed $d): array => $d->act->foods, $process->in(
                Stage::Evening, ActKind::Marinate, ActKind::Mix, ActKind::Season, ActKind::Load,
            ),
        ));

        return array_values(array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
            $in->order->potIngredients(),
            static fn (Ingredient $i): bool => \in_array($i->key(), $taken, true) && null !== HandsOn::cutting([$i]),
        )));
    }

    /** What the recipe soaks in the morning is too late: it is soaked the evening before. */
    private static function withoutSoaking(Process $process): Process
    {
        return $process->map(static fn (Deed $d): Deed => Stage::Before === $d->stage && $d->is(ActKind::Soak) ? $d->gone() : $d);
    }
}
