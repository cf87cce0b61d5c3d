<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Reading\ActReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Pieces;
use Pausis\Core\Recipe\Structure;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Recipe\Way;

/** Puts a recipe's headings, lines and acts together. Used once. */
final class StructureReader
{
    private const HEADINGS = [
        'second-meal' => '/\b(?:next[- ]day|hash|pasties|leftovers?|second meal|day after|tomorrow[’\']?s)\b/iu',
        'sauce-beside' => '/\b(?:parsley|mint|white|mustard|cheese|horseradish|bread|cranberry|apple|caper|cucumber|tahini|herb'
            .'|yogh?urt|raita'
            .'|tzatziki|pesto)\s*(?:sauce|dip)?\W*$/iu',
        'marinade' => '/\bmarinade|marinating\b/iu',
        'side' => '/\b(?:mash|purée|puree|couscous|dumplings?|polenta|rice|potatoes|noodles|pasta|salad|slaw|side|bread|rolls|spätzle'
            .'|greens|accompaniment|risotto|pila[fu]|gnocchi|chips|wedges|gratin|yorkshires?|colcannon|champ|tabbouleh|quinoa|bulgur|farro'
            .'|cornbread|biscuits|scones|cabbage|r[öo]sti|fritters|beans|lentils|chickpeas|pickled|pickles?)\b/iu',
        'topping' => '/\b(?:topping|garnish|to finish|crumbs?|gremolata|to top|on top|crust|scatter|to serve|pangrattato)\b/iu',
        'sauce' => '/\b(?:salsa|dressing|green sauce|yogh?urt sauce|raita|chutney|relish|horseradish|aioli|mayonnaise)\b/iu',
    ];
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
    private const GLOSSY = '/\b(?:glossy|sticky|shiny|lacquer\w*|glaz\w*)\b/iu';
    private const BEFORE_END = '/\b(?:before (?:the end|it(?: is|[’\']s) (?:done|ready|finished)|serving|you (?:eat|serve)|sending'
        .'|the time is up|cooking ends)|from the end|to go\b|(?:minutes?|mins?|hours?|half an hour) left\b|(?:for|in'
        .'|during) (?:the|its) (?:last|final)|(?:the )?(?:last|final)\b)/iu';
    private const AFTER = '/^\W*after\s+(?:about\s+|around\s+|the\s+first\s+)?(?:\d|[½¼¾]|an?\b|one|two|three|half)/iu';
    private const MORE = '/\b(?:more|another|further|longer)\b/iu';
    private const UNCOVER = '/\b(?:lid off|uncover(?:ed)?|without (?:a|the) lid|off the lid|lid comes off|taking the lid off'
        .'|remove the lid)\b/iu';
    private const BONES_SERVED = '/\b(?:on the bone|bones? and all|bones? (?:still )?in\b(?! (?:big|large|small|a|the|pieces|chunks|it'
        .'|the))|with the bones|a shank each|one (?:shank|rib) each)\b/iu';
    private const BONE_OUT = '/\b(?:(?:remove|discard|throw away|throw out|take out|pull(?: out)?|strip|slip|pick)[^.;]{0,40}\bbones?'
        .'|(?:take|cut|pull|strip|pick|get)[^.;]{0,40}\b(?:from|off) the bones?|boneless|boned)\b/iu';
    private const CUBES = '/\b(?:cubes?|cubed|diced|chunks?|pieces|dice[ds]?|lumps?|strips?|bite|goulash|stewing)\b/iu';
    private const JOINTED_INTO = '/\b(?:jointed|cut(?: up)?|divided)\s+(?:in|into)\s+(?:about\s+)?(?<n>\d{1,2}|two|three|four|six|eight'
        .'|ten|twelve)\s+(?:even |large |big |serving )?(?:pieces|joints|portions)\b/iu';
    private const JOINTED = '/\b(?:jointed|in(?:to)? joints|at the joints|in(?:to)? (?:serving )?(?:pieces|portions|chunks)|cut up'
        .'|in cubes)\b/iu';
    private const COUNTED_IN_BRACKETS = '/\((?:about\s+)?(?<n>\d{1,2})(?:\s*(?:-|–|to)\s*(?<m>\d{1,2}))?\s*(?:large|small|medium|pieces'
        .'|of them)?\)/iu';
    private const KEPT_MARINADE = '/\b(?:(?:keep|reserv\w*|save)[^.;]{0,30}\b(?:wine|liquid|beer|cider|buttermilk)|(?:keep|reserv\w*'
        .'|strain\w*|pour|add|return|tip|stir|with)[^.;]{0,50}\bmarinade|marinade[^.;]{0,30}\b(?:in|into|over|keep|and keep)'
        .'|with its marinade|in its own marinade)\b/iu';
    private const THROWN_MARINADE = '/\b(?:discard\w*|throw\w*|pour (?:it )?(?:off|away|out)|tip (?:it )?away|drain off'
        .'|rinse (?:it )?off|goes? away)\b'
        .'[^.;]{0,60}\b(?:marinade|buttermilk|milk|brine|salt water|soaking|wine|that)\b'
        .'|\b(?:marinade|buttermilk|brine|salt water)\b[^.;]{0,40}\b(?:away|sink|discard\w*)/iu';
    private const BUNDLE = '/\b(?<what>bouquet garni|herb bundle|bundle(?: of [\p{L} ,]+?(?=,|\.|$| tied))?|faggot of herbs)\b/iu';
    private const GOES_IN = [
        ActKind::Add, ActKind::Load, ActKind::Cook, ActKind::SeasonToTaste, ActKind::LidOff, ActKind::CreamOrYoghurtIn, ActKind::Slurry,
        ActKind::Other, ActKind::Prepare, ActKind::Cut, ActKind::PokeDown, ActKind::Garnish, ActKind::TurnSetting,
    ];
    private const NOT_THICKENED = [
        ActKind::Add, ActKind::Load, ActKind::Prepare, ActKind::Cut, ActKind::PokeDown, ActKind::Garnish, ActKind::Other,
    ];
    /** Unless it is said. */
    private const NEVER_LATE = [Role::Thickener, Role::Fat, Role::Salt];
    /** More foods at once are the pot's, whatever comes after. */
    private const FEW = 5;
    /** What goes in for the last minutes though it was in a pan before. */
    private const TOLD_LATE = [
        ActKind::Add, ActKind::Load, ActKind::Cook, ActKind::CreamOrYoghurtIn, ActKind::Slurry, ActKind::Other, ActKind::LidOff,
        ActKind::SeasonToTaste,
    ];
    private const FINISH = [
        ActKind::Lift, ActKind::Strain, ActKind::Sieve, ActKind::Skim, ActKind::Blend, ActKind::Reduce, ActKind::Glaze, ActKind::Slurry,
        ActKind::ButterAndStarch,
        ActKind::Shred, ActKind::BackIntoTheJuice, ActKind::Rest, ActKind::SeasonToTaste, ActKind::Crisp,
    ];

    /** What lies shorter is seasoned, minutes. */
    private const LONG_ENOUGH = 120.0;

    private bool $throwsMarinade = false;

    /**
     * @param list<Ingredient>                 $ingredients
     * @param list<Act>                        $acts
     * @param list<array{string, string, int}> $sentences   text, zone, line
     * @param list<PartKind>|null              $given       the part of each ingredient, where it is known
     */
    public function __construct(
        private readonly array $ingredients, private readonly array $acts, private readonly array $sentences, private readonly ?Way $way,
        private readonly ?array $given = null,
    ) {
    }

    public function read(): Structure
    {
        $this->throwsMarinade = $this->throwsMarinade();
        $method = implode(' ', array_column(array_filter($this->sentences, static fn (array $s): bool => 'step' === $s[1]), 0));
        $cook = $this->cookPlace();
        $parts = $this->given ?? $this->parts($cook);
        $late = $this->late($cook, $parts);
        [$pieces, $size] = $this->meat($method);
        $browned = array_filter($this->acts, static fn (Act $a): bool => ActKind::Brown === $a->kind);
        $vegetables = preg_match(
            '/\b(?:brown|caramelise|colour)\s+(?:the\s+)?(?:drained\s+|sliced\s+|chopped\s+)?(?:onions?|shallots?|vegetables|carrots'
                .'|leeks)\b/iu',
            $method,
        );
        $onions = array_filter($this->acts, static fn (Act $a): bool => ActKind::FryBase === $a->kind && preg_match(
            '/\b(?:golden|brown\w*|caramel\w*|colou?r|catch|edges|dark)\b/iu', $a->source,
        )
            && !preg_match('/without colou?r|not (?:brown|colou?r)/iu', $a->source) && !preg_match(
                '/\b(?:meat|beef|pork|lamb|veal|venison|chicken|ribs|shanks?)\b[^.;]*\b(?:brown|golden|colou?r)/iu', $a->source,
            ));
        $marinated = preg_match('/\b(?:marinad|marinat|steep)/iu', $method) || $this->liesInMoreThanSalt();
        $bones = preg_match(self::BONES_SERVED, $method) || ($this->boneIn() && !preg_match(self::BONE_OUT, $method) && !array_filter(
            $this->acts, static fn (Act $a): bool => ActKind::Shred === $a->kind,
        ));

        return new Structure($parts, $late, $pieces, $size, $this->takeOut($method, $parts), $this->finish($cook), $bones,
            [] === $browned ? 'none' : ([] === $onions && !$vegetables ? 'meat' : 'meat+onions'),
            [] !== array_filter($this->acts, static fn (Act $a): bool => ActKind::Blanch === $a->kind),
            $this->marinade($method, $marinated), $this->uncover());
    }

    /** @return 'keep'|'discard'|null */
    private function marinade(string $method, bool $marinated): ?string
    {
        return !$marinated ? null : (preg_match(self::KEPT_MARINADE, $method) || !$this->throwsMarinade ? 'keep' : 'discard');
    }

    /** Whether what the meat lay in is poured away. */
    private function throwsMarinade(): bool
    {
        foreach ($this->sentences as [$text, $zone]) {
            if ('step' === $zone && preg_match(self::THROWN_MARINADE, $text)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the meat lies overnight in something wet or in seasonings, said to be a marinade or not. */
    private function liesInMoreThanSalt(): bool
    {
        foreach ($this->acts as $k => $act) {
            if (ActKind::Marinate !== $act->kind || (null !== $act->minutes && $act->minutes->high < self::LONG_ENOUGH)) {
                continue;
            }
            $with = array_merge($act->foods, $this->acts[$k - 1]->foods ?? []);
            foreach ($this->ingredients as $one) {
                if (\in_array($one->key(), $with, true)
                    && \in_array($one->role, [Role::Acid, Role::Dairy, Role::Aromatic, Role::Vegetable, Role::Liquid], true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function cookPlace(): int
    {
        foreach ($this->acts as $k => $act) {
            if (ActKind::Cook === $act->kind && (null === $act->minutes ? ActReader::braises($act->source) : $act->minutes->high >= 25)) {
                return $k;
            }
        }

        return \count($this->acts);
    }

    /** @return list<PartKind> */
    private function parts(int $cook): array
    {
        $parts = [];
        foreach ($this->ingredients as $ingredient) {
            $parts[] = $this->part($ingredient, $cook);
        }

        return $this->byGroup($parts);
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
            $groups[$this->headingOf($one)][] = $k;
        }
        unset($groups['']);
        foreach (\count($groups) > 1 ? $groups : [] as $places) {
            $beside = array_filter($places, static fn (int $k): bool => PartKind::Side === $parts[$k]);
            $meat = array_filter($places, fn (int $k): bool => Role::Meat === $this->ingredients[$k]->role);
            if ([] === $meat && \count($beside) > 0.6 * \count($places)) {
                foreach ($places as $k) {
                    $parts[$k] = PartKind::Side;
                }
            }
        }

        return array_values($parts);
    }

    private function part(Ingredient $one, int $cook): PartKind
    {
        $heading = $this->headingOf($one);
        foreach (self::HEADINGS as $part => $pattern) {
            if (preg_match($pattern, $heading) && !preg_match('/\b(?:stew|braise|tagine|meat|ragù|ragu|curry|pot)\b/iu', $heading)) {
                return $this->ofHeading(PartKind::from((string) preg_replace('/-beside$/', '', $part)), $one);
            }
        }
        if (preg_match(self::TO_SERVE, $one->source)) {
            return preg_match(self::STAPLES, $one->source) ? PartKind::Side : PartKind::Topping;
        }
        if (preg_match(self::ON_TOP, $one->source) && \in_array(
            $one->role, [Role::Herb, Role::Garnish, Role::Aromatic, Role::Vegetable, Role::Spice], true,
        )) {
            return PartKind::Topping;
        }
        $used = array_values(array_filter($this->acts, static fn (Act $a): bool => \in_array($one->key(), $a->foods, true)));
        $kinds = array_unique(array_map(static fn (Act $a): string => $a->kind->value, $used), \SORT_REGULAR);
        if ([] === $used) {
            return preg_match(self::BREADS, $one->foodText) || (\in_array($one->role, [Role::Garnish, Role::Grain], true) && preg_match(
                self::SERVED_STAPLES, $one->foodText,
            )) ? PartKind::Side : PartKind::Braise;
        }
        if ([] === array_diff($kinds, [ActKind::Serve->value, ActKind::Garnish->value])
            && (preg_match(self::BREADS, $one->foodText)
                || \in_array($one->role, [Role::Grain, Role::Vegetable, Role::Pulse], true)
                    && \in_array(ActKind::Serve->value, $kinds, true))) {
            return PartKind::Side;
        }
        if ([] === array_diff($kinds, [ActKind::Marinate->value, ActKind::Soak->value, ActKind::Prepare->value])
            && \in_array(ActKind::Marinate->value, $kinds, true) && $this->throwsMarinade && Role::Meat !== $one->role) {
            return PartKind::Marinade;
        }
        $beside = array_filter($used, fn (Act $a): bool => ActKind::SideWork === $a->kind || $this->isBeside($a));
        $inPot = [] !== array_filter(
            $used,
            fn (Act $a): bool => !\in_array(
                $a->kind, [ActKind::SideWork, ActKind::Garnish, ActKind::Serve, ActKind::Prepare, ActKind::Cut], true,
            ) && !$this->isBeside($a),
        );
        $scattered = [] !== array_filter(
            $used, static fn (Act $a): bool => ActKind::Garnish === $a->kind || preg_match(self::SCATTERED, $a->source),
        );

        return match (true) {
            !$inPot && [] !== $beside => [] !== array_filter(
                $beside, static fn (Act $a): bool => (bool) preg_match(self::CRUMBS, $a->source),
            ) ? PartKind::Topping : PartKind::Side,
            !$inPot && $scattered && !\in_array(
                $one->role, [Role::Spice, Role::Salt, Role::Acid, Role::Seasoning, Role::Liquid, Role::Fat], true,
            ) && [] === array_diff(
                $kinds, [ActKind::Garnish->value, ActKind::Serve->value, ActKind::Prepare->value, ActKind::Cut->value],
            ) => PartKind::Topping,
            default => PartKind::Braise,
        };
    }

    /** What is done meanwhile, for the mash or the peas, is beside the braise. */
    private function isBeside(Act $act): bool
    {
        return ActKind::SideWork === $act->kind || preg_match(ActReader::BESIDE, $act->source);
    }

    private function ofHeading(PartKind $part, Ingredient $one): PartKind
    {
        return PartKind::Topping === $part && preg_match(self::STAPLES, $one->foodText) ? PartKind::Side
            : (PartKind::Topping === $part && \in_array(
                $one->role, [Role::Dairy, Role::Sweet, Role::Acid, Role::Seasoning, Role::Salt, Role::Thickener, Role::Fat], true,
            ) ? PartKind::Braise : $part);
    }

    private function headingOf(Ingredient $one): string
    {
        $found = '';
        $at = 0;
        foreach ($this->sentences as [$text, $zone, $line]) {
            if ($line >= $one->line) {
                break;
            }
            $found = 'heading' === $zone ? $text : $found;
            $at = 'heading' === $zone ? $line : $at;
        }

        return '' !== $found && $this->isApart($one, $at) ? '' : $found;
    }

    /** A line behind an empty one, where the lines before stood close together, belongs to no heading any more. */
    private function isApart(Ingredient $one, int $heading): bool
    {
        $before = $heading;
        $close = $apart = false;
        foreach ($this->ingredients as $other) {
            if ($other->line <= $heading || $other->line > $one->line) {
                continue;
            }
            $apart = $apart || ($close && $other->line > $before + 1);
            $close = $close || $other->line === $before + 1;
            $before = $other->line;
        }

        return $apart;
    }

    /**
     * @param list<PartKind> $parts
     *
     * @return list<Minutes|null>
     */
    private function late(int $cook, array $parts): array
    {
        $late = array_fill(0, \count($this->ingredients), null);
        $left = $this->leftAfter($cook);
        $uncover = $this->uncover();
        $first = $this->firstInThePot();
        foreach ($this->acts as $k => $act) {
            if (!\in_array($act->kind, self::GOES_IN, true)) {
                continue;
            }
            $said = self::saidBeforeTheEnd($act->source);
            $after = Durations::in($act->source)[0][0] ?? null;
            $explicit = match (true) {
                null !== $said => $said,
                null !== $after
                    && null !== $this->way?->minutes
                    && preg_match(self::AFTER, $act->source)
                    && $this->way->minutes->high > $after->high => Minutes::exactly($this->way->minutes->middle() - $after->middle()),
                null !== $uncover && preg_match('/\bwhen the lid (?:comes|is|goes)\b/iu', $act->source) => Minutes::exactly($uncover),
                default => null,
            };
            $minutes = $explicit ?? ($k > $cook && (\in_array($act->kind, self::NOT_THICKENED, true) || $this->isThickenedInThePot($k))
                ? $left[$k] ?? null
                : null);
            if (null === $minutes || $minutes->high > 240) {
                continue;
            }
            foreach ($this->ingredients as $place => $ingredient) {
                $new = ($first[$place] ?? $k) >= min($k, $cook + 1);
                $told = null !== $explicit && \in_array($act->kind, self::TOLD_LATE, true);
                $plain = null !== $explicit || (!\in_array($ingredient->role, self::NEVER_LATE, true) && \count($act->foods) <= self::FEW);
                if (\in_array($ingredient->key(), $act->foods, true) && Role::Meat !== $ingredient->role && null === $late[$place]
                    && ($new || $told) && $plain && PartKind::Braise === $parts[$place]) {
                    $late[$place] = $minutes;
                }
            }
        }

        return $late;
    }

    /** The time that stands beside "for the last", "before the end". */
    private static function saidBeforeTheEnd(string $text): ?Minutes
    {
        foreach (Durations::in($text) as [$minutes, $at, $length]) {
            if ($minutes->high <= 240 && preg_match(self::BEFORE_END, mb_scrub(substr($text, max(0, $at - 24), 24 + $length + 34)))) {
                return $minutes;
            }
        }

        return null;
    }

    /** @return array<int, int> for each ingredient's place, the act by which it first comes into the pot or its pan */
    private function firstInThePot(): array
    {
        $first = [];
        foreach ($this->acts as $k => $act) {
            if (\in_array($act->kind, [ActKind::Prepare, ActKind::Cut, ActKind::SideWork, ActKind::Soak, ActKind::Tie], true)) {
                continue;
            }
            foreach ($this->ingredients as $place => $ingredient) {
                if (\in_array($ingredient->key(), $act->foods, true)) {
                    $first[$place] ??= $k;
                }
            }
        }

        return $first;
    }

    /** Starch that goes into a cooker that is turned up for it. */
    private function isThickenedInThePot(int $k): bool
    {
        foreach (\array_slice($this->acts, $k + 1, 3) as $next) {
            if (ActKind::TurnSetting === $next->kind
                && ActKind::Slurry === $this->acts[$k]->kind
                && $next->source === $this->acts[$k]->source) {
                return true;
            }
        }

        return false;
    }

    /**
     * How long it still cooks after each act behind the braise's beginning: "add the carrots and cook 1 h more".
     *
     * @return array<int, Minutes|null>
     */
    private function leftAfter(int $cook): array
    {
        $left = [];
        $sum = null;
        for ($k = \count($this->acts) - 1; $k > $cook; --$k) {
            $act = $this->acts[$k];
            $more = \in_array(
                $act->kind, [ActKind::Cook, ActKind::LidOff, ActKind::TurnSetting], true,
            ) || preg_match(self::MORE, $act->source) && \in_array($act->kind, [ActKind::Add, ActKind::Load], true);
            if ($more && null !== $act->minutes && $act->minutes->high >= 4 && !$this->isBeside($act)) {
                $sum = null === $sum || (ActKind::Cook !== $act->kind && ($this->acts[$k + 1]->source ?? '') === $act->source)
                    ? $act->minutes
                    : $sum->plus($act->minutes);
            }
            if (!$this->isThickenedInThePot($k)
                && $act->kind->finishes()
                && ActKind::SeasonToTaste !== $act->kind
                && ActKind::Garnish !== $act->kind) {
                $sum = null;
            }
            $left[$k] = $sum;
        }

        return $left;
    }

    /** @return array{Pieces|null, array{float, float}|null} pieces and size */
    private function meat(string $method): array
    {
        $meat = null;
        foreach ($this->ingredients as $one) {
            $meat ??= Role::Meat === $one->role ? $one : null;
        }
        if (null === $meat) {
            return [null, null];
        }
        $words = $meat->source;
        $size = Pieces::sizeIn($words) ?? (preg_match(
            '/[^.;]*\b(?:cut|slice|dice|cube|chunks?|pieces|slices)\b[^.;]*/iu', $method, $m,
        ) && preg_match('/\b(?:meat|beef|lamb|pork|veal|goat|venison|it)\b/iu', $m[0]) ? Pieces::sizeIn($m[0]) : null);
        $cubes = preg_match(self::CUBES, $words) && !preg_match('/one piece/iu', $words);
        $count = null === $meat->amount?->unit || \in_array($meat->amount->unit->value, ['slice', 'piece'], true) ? $meat->amount : null;
        $pieces = match (true) {
            (bool) preg_match(self::JOINTED_INTO, $words.' '.$method, $m) => Pieces::exactly(Number::value($m['n'])),
            $cubes => preg_match(self::COUNTED_IN_BRACKETS, $words, $m)
                ? Pieces::between((float) $m['n'], (float) ($m['m'] ?? $m['n']))
                : null,
            null !== $count && $count->high < 2 && preg_match(self::JOINTED, $words.' '.$method) => null,
            null !== $count => Pieces::between($count->low, $count->high),
            (bool) preg_match(self::COUNTED_IN_BRACKETS, $words, $m) => Pieces::between((float) $m['n'], (float) ($m['m'] ?? $m['n'])),
            (bool) preg_match('/\b(?:halved|cut in (?:two|half|halves)|in two pieces)\b/iu', $words) => Pieces::exactly(2),
            (bool) preg_match('/\b(?:quartered|cut in (?:four|quarters)|in four pieces)\b/iu', $words) => Pieces::exactly(4),
            (preg_match('/\bwhole\b/iu', $words) || preg_match(
                '/\b(?:in one piece|left whole|tied|rolled)\b/iu', $words.' '.$method,
            )) && (preg_match(
                '/\b(?:tied|rolled|in one piece|whole)\b/iu', $words,
            ) || !preg_match(self::CUBES, $words.$method)) && !preg_match(self::JOINTED, $words.$method) => Pieces::exactly(1),
            (bool) preg_match('/\b(?:in one piece)\b/iu', $method) => Pieces::exactly(1),
            default => null,
        };

        return [$pieces, $size];
    }

    private function boneIn(): bool
    {
        foreach ($this->ingredients as $one) {
            if (Role::Meat === $one->role && (($one->cut->bone ?? 0.0) > 0 || preg_match(
                '/\bbone[- ]in|on the bone|with (?:the )?bones?\b/iu', $one->source,
            )) && !preg_match('/\b(?:boned|boneless|off the bone|without bones?)\b/iu', $one->source)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<PartKind> $parts
     *
     * @return list<TakeOut>
     */
    private function takeOut(string $method, array $parts): array
    {
        $out = [];
        $all = $method.' '.implode(' ', array_map(static fn (Ingredient $i): string => $i->source, $this->ingredients));
        foreach ($this->ingredients as $k => $one) {
            $spooned = \in_array($one->amount?->unit, [Unit::Teaspoon, Unit::Tablespoon], true) || preg_match('/\b(?:ground|powder'
                .'|juice)\b/iu', $one->source);
            $whole = (true === $one->food?->takeOut && !$spooned) || (Role::Herb === $one->role && preg_match(
                '/\b(?:sprigs?|bundle|stalks?|stems?|tied|whole)\b/iu', $one->source,
            ) && !preg_match('/\b(?:chopped|leaves|picked|shredded|torn|sliced|pounded|minced|crushed)\b/iu', $one->source))
                || preg_match('/\b(?:strips? of|pared|peel)\b/iu', $one->source) && \in_array(
                    $one->role, [Role::Fruit, Role::Aromatic, Role::Spice], true,
                );
            $taken = array_filter(
                $this->acts, static fn (Act $a): bool => ActKind::TakeOut === $a->kind && \in_array($one->key(), $a->foods, true),
            );
            $grated = [] !== array_filter(
                $this->acts,
                static fn (Act $a): bool => \in_array($one->key(), $a->foods, true) && preg_match(
                    '/\bgrat(?:e|ed|ing)\b|\bchop|\b(?:grind|ground|pound\w*|blend\w*|blitz\w*|crush\w*|powder|paste|pestle'
                        .'|mortar)\b/iu', $a->source,
                ),
            );
            if (!\in_array(
                $parts[$k], [PartKind::Side, PartKind::Topping], true,
            ) && ($whole && !$grated || [] !== $taken) && Role::Meat !== $one->role) {
                $out["i$k"] = new TakeOut('out-'.$one->key(), $one->foodText);
            }
        }
        foreach (TakeOut::tiesIn($all) as $what) {
            $out[$what] = new TakeOut("out-$what", $what);
        }
        if (preg_match(self::BUNDLE, $all, $m) && [] === array_filter(
            $out,
            static fn (TakeOut $t): bool => str_contains(mb_strtolower($t->name), 'bundle')
                || str_contains(mb_strtolower($t->name), 'bouquet'),
        )) {
            $out['bundle'] = new TakeOut('out-bundle', mb_strtolower($m['what']));
        }
        foreach (['bones' => 'bones?', 'tendons' => 'tendons?', 'gristle' => 'gristle'] as $what => $word) {
            if (preg_match(
                "/\b(?:remove|discard|throw away|throw out|take out|pull|strip"
                    ."|slip)[^.;]{0,60}(?<!fall off the )(?<!falling off the )\b$word\b/iu",
                $method,
            )) {
                $out[$what] = new TakeOut("out-$what", $what);
            }
        }

        return array_values($out);
    }

    /** @return list<Act> */
    private function finish(int $cook): array
    {
        $finish = [];
        foreach (\array_slice($this->acts, $cook + 1) as $act) {
            $uncovered = ActKind::LidOff === $act->kind || (ActKind::Cook === $act->kind && preg_match(self::UNCOVER, $act->source));
            foreach ($uncovered ? [ActKind::Reduce, ...(preg_match(self::GLOSSY, $act->source) ? [ActKind::Glaze] : [])] : [
                $act->kind, ...(ActKind::Shred === $act->kind && preg_match(self::UNCOVER, $act->source) ? [ActKind::Reduce] : []),
            ] as $kind) {
                $last = $finish[\count($finish) - 1] ?? null;
                if (\in_array($kind, self::FINISH, true) && !$this->isBeside($act) && $last?->kind !== $kind
                    && !(ActKind::Rest === $kind && ActKind::BackIntoTheJuice === $last?->kind && $last->source === $act->source)) {
                    $finish[] = $act->as($kind);
                }
            }
        }

        return $finish;
    }

    private function uncover(): ?float
    {
        foreach ($this->sentences as [$text, $zone]) {
            if ('step' !== $zone || !preg_match(self::UNCOVER, $text)) {
                continue;
            }
            foreach (Durations::in($text) as [$minutes, $at]) {
                if ($minutes->high <= 90 && (preg_match(
                    self::BEFORE_END, substr($text, max(0, $at - 30), 70),
                ) || preg_match(self::MORE, substr($text, max(0, $at - 12), 52)) || preg_match('/^\W*(?:\d\W*)?lid off\b/iu', $text))) {
                    return $minutes->middle();
                }
            }
            if (preg_match('/\b(?:last|final) hour\b/iu', $text)) {
                return 60.0;
            }
            if (preg_match('/\b(?:last|final) half[- ]?(?:an )?hour\b/iu', $text)) {
                return 30.0;
            }
        }

        return null;
    }
}
