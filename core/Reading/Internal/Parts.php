<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/** Which part of the dish each ingredient belongs to: by its heading, its line, and what is done with it. */
final readonly class Parts
{
    private const HEADINGS = [
        'second-meal' => '/\b(?:next[- ]day|hash|pasties|leftovers?|second meal|day after|tomorrow[’\']?s)\b/iu',
        'sauce-beside' => '/\b(?:parsley|mint|white|mustard|cheese|horseradish|bread|cranberry|apple|caper|cucumber|tahini|herb'
            .'|yogh?urt|raita'
            .'|tzatziki|pesto)\s*(?:sauce|dip)?\W*$/iu',
        'marinade' => '/\b(?:marinade|marinating|soak(?:ing)?|brine)\b/iu',
        'side' => '/\b(?:mash|purée|puree|couscous|dumplings?|polenta|rice|potatoes'
            .'|noodles|pasta|salad|slaw|side|bread|rolls|spätzle|spaetzle|nokedli|knödel'
            .'|greens|accompaniment|risotto|pila[fu]|gnocchi|chips|wedges|gratin|yorkshires?|colcannon|champ|tabbouleh'
        .'|quinoa|bulgur|farro'
            .'|cornbread|biscuits|scones|cabbage|r[öo]sti|fritters|beans|lentils|chickpeas|pickled|pickles?)\b/iu',
        'topping' => '/\b(?:topping|garnish|to finish|crumbs?|gremolata|to top|on top|crust|scatter|to serve|pangrattato)\b/iu',
        'sauce' => '/\b(?:salsa|dressing|green sauce|yogh?urt sauce|raita|chutney|relish|horseradish|aioli|mayonnaise)\b/iu',
    ];
    private const FOR_MARINADE = '/\bfor (?:the )?(?:marinade|marinating|brine|brining)\b/iu';
    private const WHITE_SAUCE = ['butter', 'flour', 'milk'];
    private const MOST_OF_A_SAUCE = 7;
    /** "Corned Beef with Parsley Sauce" heads the dish, not the sauce. */
    private const OF_THE_BRAISE = '/\b(?:stew|braise|tagine|meat|ragù|ragu|curry|pot)\b'
        .'|^(?!\W*for\b).*\b(?:beef|pork|lamb|mutton|veal|venison|chicken|brisket|oxtail|ham|ribs|shanks?|goat|rabbit'
        .'|hare)\b.*\bwith\b/iu';
    private const SHORT_LINE = 4;
    private const AND_MORE = '/\b(?:plus|and|with) (?:some |a little )?(?:more|extra|some|others?)\b/iu';
    public const ANOTHER_DAY = '/\b(?:next day[’\']?s?|day after|tomorrow[’\']?s?|left-?overs?)\b/iu';
    private const MINUTES_LEFT = '/\b(?:(?:minutes?|mins?|hours?) (?:left|to go|before)|(?:last|final) )/iu';
    private const FOR_ITS_PAN = [ActKind::Brown, ActKind::Render, ActKind::FryBase, ActKind::Deglaze, ActKind::BoilDown];
    private const STAPLES = '/\b(?:couscous|rice|potato(?:es)?|pasta|noodles|rigatoni|pappardelle|tagliatelle|spaghetti|penne|fettuccine'
        .'|linguine|macaroni|orecchiette|gnocchi|bulgur|barley|polenta|bread|rolls|buns|naan|injera|tortillas?|flatbreads?'
        .'|greens|mash|dumplings)\b/iu';
    private const SERVED_STAPLES = '/\b(?:rice|noodles|pasta|couscous|polenta|bulgur|tagliatelle|spaghetti|macaroni|pappardelle'
        .'|bread|rolls|buns|naan|tortillas?)\b/iu';
    private const BREADS = '/\b(?:bread|rolls|buns|naan|injera|tortillas?|flatbreads?|baguettes?|couscous)\b/iu';
    private const TO_SERVE = '/\b(?:to serve|for serving|on the side|alongside|for the table|to go with)\b/iu';
    private const ON_TOP = '/\b(?:to (?:finish|garnish|sprinkle|scatter|top)|for (?:garnish|sprinkling|scattering)|garnish)\b/iu';
    private const CRUMBS = '/\b(?:crumbs|breadcrumbs|gremolata|pangrattato|topping|garnish)\b/iu';
    private const SCATTERED = '/\b(?:scatter\w*|sprinkl\w*|topped|garnish\w*|strewn?)\b/iu';

    /** @var list<int> places of what is poured away */
    private array $thrownFoods;
    private Groups $groups;

    /**
     * @param list<Ingredient>                 $ingredients
     * @param list<Act>                        $acts        that are done
     * @param list<array{string, string, int}> $sentences   text, zone, line
     * @param string                           $thrown      what is said of a marinade that is poured away; empty where none is
     */
    public function __construct(
        private array $ingredients, private array $acts, private array $sentences, string $thrown,
    ) {
        $this->groups = new Groups($ingredients, $sentences);
        $this->thrownFoods = '' === $thrown ? [] : (new Naming($ingredients))->in($thrown);
    }

    /** @return list<PartKind> */
    public function all(): array
    {
        $parts = [];
        foreach ($this->ingredients as $place => $ingredient) {
            $parts[] = $this->part($ingredient, $place);
        }

        return $this->withWhiteSauce($this->byGroup($parts));
    }

    /**
     * What stands under one heading belongs together: where most of it is made beside the braise, all is.
     *
     * @param list<PartKind> $parts
     *
     * @return list<PartKind>
     */
    private function byGroup(array $parts): array
    {
        $groups = [];
        foreach ($this->ingredients as $k => $one) {
            $groups[$this->groups->headingOf($one)][] = $k;
        }
        unset($groups['']);
        foreach (\count($groups) > 1 ? $groups : [] as $places) {
            $beside = array_filter($places, static fn (int $k): bool => PartKind::Side === $parts[$k]);
            $meat = array_filter($places, fn (int $k): bool => Role::Meat === $this->ingredients[$k]->role);
            if ([] === $meat && \count($beside) >= 0.6 * \count($places)) {
                foreach ($places as $k) {
                    $parts[$k] = PartKind::Side;
                }
            }
        }

        return array_values($parts);
    }

    /**
     * Butter, flour and milk that are made into a sauce on a line of its own, without the meat, are beside it.
     *
     * @param list<PartKind> $parts
     *
     * @return list<PartKind>
     */
    private function withWhiteSauce(array $parts): array
    {
        $lines = [];
        foreach ($this->acts as $act) {
            foreach ($act->foods as $food) {
                $lines[$food][$act->line] = true;
            }
        }
        $byLine = [];
        foreach ($this->ingredients as $k => $one) {
            foreach (array_keys($lines[$one->key()] ?? []) as $line) {
                $byLine[$line][] = $k;
            }
        }
        foreach ($byLine as $places) {
            $foods = array_map(fn (int $k): string => (string) $this->ingredients[$k]->food?->id, $places);
            $meat = array_filter($places, fn (int $k): bool => Role::Meat === $this->ingredients[$k]->role);
            if ([] !== $meat || \count($places) > self::MOST_OF_A_SAUCE || [] !== array_diff(self::WHITE_SAUCE, $foods)) {
                continue;
            }
            foreach ($places as $k) {
                $isOnlyHere = 1 === \count($lines[$this->ingredients[$k]->key()] ?? []);
                $parts[$k] = $isOnlyHere && PartKind::Braise === $parts[$k] ? PartKind::Sauce : $parts[$k];
            }
        }

        return array_values($parts);
    }

    private function part(Ingredient $one, int $place): PartKind
    {
        $heading = $this->groups->headingOf($one);
        foreach (self::HEADINGS as $part => $pattern) {
            if ('side' === $part && $this->isMarinadeCalledPickle($heading)) {
                return PartKind::Marinade;
            }
            if (preg_match($pattern, $heading) && !preg_match(self::OF_THE_BRAISE, $heading)
                && ('topping' !== $part || [] === array_filter($this->of($one), $this->isCookedOn(...)))) {
                return $this->ofHeading(PartKind::from((string) preg_replace('/-beside$/', '', $part)), $one);
            }
        }
        if (Role::Meat !== $one->role && (preg_match(self::FOR_MARINADE, $one->source) || $this->isListedForMarinade($one))) {
            return PartKind::Marinade;
        }
        if (preg_match(self::TO_SERVE, $one->source) && !preg_match(self::AND_MORE, $one->source)) {
            return preg_match(self::STAPLES, $one->source) ? PartKind::Side : PartKind::Topping;
        }
        if (preg_match(self::ON_TOP, $one->source) && \in_array(
            $one->role, [Role::Herb, Role::Garnish, Role::Aromatic, Role::Vegetable, Role::Spice], true,
        )) {
            return PartKind::Topping;
        }
        $used = $this->of($one);
        $kinds = array_values(array_unique(array_map(static fn (Act $a): string => $a->kind->value, $used)));
        if ([] === $used) {
            return preg_match(self::BREADS, $one->foodText) || (\in_array($one->role, [Role::Garnish, Role::Grain], true) && preg_match(
                self::SERVED_STAPLES, $one->foodText,
            )) ? PartKind::Side : PartKind::Braise;
        }
        // The day after the marinade is the day of the braise.
        $cook = MethodReader::cookPlace($this->acts) ?? \count($this->acts);
        if ([] === array_filter($used, fn (Act $a): bool => array_search($a, $this->acts, true) < $cook
            || !preg_match(self::ANOTHER_DAY, $a->source))) {
            return PartKind::SecondMeal;
        }
        if ([] === array_diff($kinds, [ActKind::Serve->value, ActKind::Garnish->value])
            && (preg_match(self::BREADS, $one->foodText)
                || \in_array($one->role, [Role::Grain, Role::Vegetable, Role::Pulse], true)
                    && \in_array(ActKind::Serve->value, $kinds, true))) {
            return PartKind::Side;
        }
        // "slaw (half a cabbage, mayonnaise)": what is named with what is served, and nowhere else, is no part of the pot.
        if ([ActKind::Serve->value] === $kinds && \in_array($one->role, [Role::Seasoning, Role::Dairy], true)) {
            return PartKind::Topping;
        }
        if (Role::Meat !== $one->role && $this->isPouredAway($used, $kinds, $place)) {
            return PartKind::Marinade;
        }

        return $this->byUse($one, $used, $kinds);
    }

    /** @return list<Act> with this food */
    private function of(Ingredient $one): array
    {
        return array_values(array_filter($this->acts, static fn (Act $a): bool => \in_array($one->key(), $a->foods, true)));
    }

    /**
     * @param list<Act>    $used  with this food
     * @param list<string> $kinds of them
     */
    private function byUse(Ingredient $one, array $used, array $kinds): PartKind
    {
        $beside = $this->hasTwinBeside($one)
            ? []
            : array_filter($used, fn (Act $a): bool => ActKind::SideWork === $a->kind || (self::isBeside($a) && !$this->isInItsPan($a)));
        $seasons = \in_array($one->role, [Role::Salt, Role::Spice, Role::Sweet, Role::Seasoning, Role::Acid, Role::Fat], true);
        $inPot = [] !== array_filter(
            $used,
            fn (Act $a): bool => ($seasons && ActKind::Mix === $a->kind) || !\in_array(
                $a->kind, [ActKind::SideWork, ActKind::Garnish, ActKind::Serve, ActKind::Prepare, ActKind::Mix, ActKind::Cut,
                    ActKind::Other], true,
            ) && (!self::isBeside($a) || $this->isInItsPan($a)) || $this->isCookedOn($a),
        );
        $scattered = [] !== array_filter(
            $used, static fn (Act $a): bool => ActKind::Garnish === $a->kind || preg_match(self::SCATTERED, $a->source),
        );

        return match (true) {
            !$inPot && [] !== $beside => [] !== array_filter(
                $beside, fn (Act $a): bool => (bool) preg_match(self::CRUMBS, $this->sentenceOf($a)),
            ) ? PartKind::Topping : PartKind::Side,
            !$inPot && $scattered && !\in_array(
                $one->role, [Role::Spice, Role::Salt, Role::Acid, Role::Liquid, Role::Fat], true,
            ) && [] === array_diff(
                $kinds, [ActKind::Garnish->value, ActKind::Serve->value, ActKind::Prepare->value, ActKind::Mix->value,
                    ActKind::Cut->value],
            ) => PartKind::Topping,
            default => PartKind::Braise,
        };
    }

    /** What was cut at a semicolon is one sentence: "Fry the crumbs until crisp; off the heat stir in the zest". */
    private function sentenceOf(Act $act): string
    {
        $at = array_search($act, $this->acts, true);
        $before = \is_int($at) ? $this->acts[$at - 1] ?? null : null;

        return preg_match('/^\p{Ll}/u', $act->source) && $before?->line === $act->line && str_ends_with(rtrim($before->source), ';')
            ? "$before->source $act->source" : $act->source;
    }

    /**
     * What the meat lay in and is thrown away with it: a marinade that is discarded, the water that it is soaked in.
     *
     * @param list<Act>    $used  with this food
     * @param list<string> $kinds of them
     */
    private function isPouredAway(array $used, array $kinds, int $place): bool
    {
        $before = [ActKind::Marinate->value, ActKind::Soak->value, ActKind::Prepare->value, ActKind::Mix->value];
        if (\in_array($place, $this->thrownFoods, true)
            && [] === array_diff($kinds, [...$before, ActKind::Load->value, ActKind::Strain->value])) {
            return true;
        }
        // A recipe lists the water of its pot; what meat is only soaked in is listed where it is a brine.
        $least = 'water' === $this->ingredients[$place]->food?->id ? 3 : 2;
        $soaksMeat = array_filter(
            $used, fn (Act $a): bool => ActKind::Soak === $a->kind && $this->hasMeat($a) && \count($a->foods) >= $least,
        );

        return [] === array_diff($kinds, $before)
            && ([] !== $soaksMeat || (\in_array(ActKind::Marinate->value, $kinds, true) && [] !== $this->thrownFoods));
    }

    /** The same food is listed once more under the heading of something beside: what is done there is done with that one. */
    private function hasTwinBeside(Ingredient $one): bool
    {
        $own = $this->groups->headingOf($one);
        foreach ($this->ingredients as $other) {
            $heading = $this->groups->headingOf($other);
            if ($other->key() !== $one->key() && null !== $one->food && $other->food?->id === $one->food->id && $heading !== $own
                && (preg_match(self::HEADINGS['side'], $heading) || preg_match(self::HEADINGS['topping'], $heading))
                && !preg_match(self::HEADINGS['side'], $own)) {
                return true;
            }
        }

        return false;
    }

    /** "1 carrot, 1 onion and 1 celery stick, for the marinade": of a short line, all. */
    private function isListedForMarinade(Ingredient $one): bool
    {
        $line = array_values(array_filter($this->ingredients, static fn (Ingredient $i): bool => $i->line === $one->line));
        $last = $line[\count($line) - 1] ?? $one;

        return \count($line) <= self::SHORT_LINE && preg_match(self::FOR_MARINADE, $last->source);
    }

    /** In translated recipes meat lies in a pickle. */
    private function isMarinadeCalledPickle(string $heading): bool
    {
        return preg_match('/\bpickle\b(?! (?:slices|spears))/iu', $heading) && [] !== array_filter(
            $this->acts, static fn (Act $a): bool => ActKind::Marinate === $a->kind
                || preg_match('/\b(?:lay|put|place|lie)\b.*\bmeat\b/iu', $a->source),
        );
    }

    private function hasMeat(Act $act): bool
    {
        foreach ($this->ingredients as $one) {
            if (Role::Meat === $one->role && \in_array($one->key(), $act->foods, true)) {
                return true;
            }
        }

        return false;
    }

    /** "Scatter the cranberries over and cook 30 minutes more", "when 45 minutes are left, scatter …". */
    private function isCookedOn(Act $act): bool
    {
        $on = array_filter(
            $this->acts, static fn (Act $a): bool => $a->source === $act->source && null !== $a->minutes
                && \in_array($a->kind, [ActKind::Cook, ActKind::Reduce], true),
        );

        return (ActKind::Garnish === $act->kind && [] !== $on)
            || (\in_array($act->kind, [ActKind::Garnish, ActKind::Add], true) && preg_match(self::MINUTES_LEFT, $act->source));
    }

    /** "Meanwhile fry the bacon": before the braise is on, it is for the braise. */
    private function isInItsPan(Act $act): bool
    {
        $at = array_search($act, $this->acts, true);

        return \is_int($at) && $at < (MethodReader::cookPlace($this->acts) ?? 0) && \in_array($act->kind, self::FOR_ITS_PAN, true);
    }

    /** What is done meanwhile, for the mash or the peas, is beside the braise. */
    public static function isBeside(Act $act): bool
    {
        return ActKind::SideWork === $act->kind
            || (preg_match(ActReader::BESIDE, $act->source) && !preg_match(ActReader::INTO_THE_COOKER, $act->source));
    }

    private function ofHeading(PartKind $part, Ingredient $one): PartKind
    {
        return PartKind::Topping === $part && preg_match(self::STAPLES, $one->foodText) ? PartKind::Side
            // What is made under its own name takes all that stands under it.
            : (PartKind::Topping === $part && !preg_match(self::CRUMBS, $this->groups->headingOf($one)) && \in_array(
                $one->role, [Role::Dairy, Role::Sweet, Role::Acid, Role::Seasoning, Role::Salt, Role::Thickener, Role::Fat], true,
            ) ? PartKind::Braise : $part);
    }
}
