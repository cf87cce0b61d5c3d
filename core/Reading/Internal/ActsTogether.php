<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Timing;

/** What a sentence's acts are together, which none of them tells alone. */
final readonly class ActsTogether
{
    private const SHORT_MINUTES = 16.0;
    /** What takes so many minutes goes by itself, and what is done next is another piece of work. */
    private const BY_ITSELF = 8.0;
    /** "for the last 5 minutes": of the time that stands already. */
    private const OF_ITS_END = '/\b(?:last|final)\b/iu';
    private const OTHER_SIDE = '/\b(?:flip|turn|other side|second side)\b/iu';
    private const RESTS = '/\b(?:foil|rest|covered?|warm)\b/iu';
    private const LEAST_REST = 5.0;

    /** What goes on with the side that was begun, unless the braise is named again. */
    private const GOES_ON = [
        ActKind::Prepare, ActKind::Cut, ActKind::Rest, ActKind::Shred, ActKind::Mash, ActKind::Mix, ActKind::Blend, ActKind::Strain,
        ActKind::Add, ActKind::Load, ActKind::Slurry, ActKind::ButterAndStarch, ActKind::CreamOrYoghurtIn, ActKind::Cook, ActKind::Toast,
        ActKind::Fry, ActKind::FryBase, ActKind::Reduce, ActKind::HeatUp, ActKind::Marinate, ActKind::SeasonToTaste, ActKind::Garnish,
        ActKind::Crisp, ActKind::Glaze, ActKind::Other,
    ];
    private const NEXT_DAY = '/^\W*tomorrow\b|^\W*(?:(?:the )?next day|the day after)\b.*\b(?:wraps?|pasties|pasty|hash|sandwich\w*'
        .'|tacos?|pies?|leftovers?'
        .'|saved|soup|fritters|croquettes|rag[uùú]|pasta|burritos?|quesadillas?|toasties?|buns?)\b/isu';
    private const THE_VEGETABLES = '/\b(?:the|all the|these|those) (?:(?:glazed|fried|roasted|browned) )?(?:vegetables|veg|roots)\b/iu';
    /** "toss with a cup of the sauce" */
    private const SOME_SAUCE = '/\b(?:an?|some|two|three|few|little|\d)\b[^.;,]{0,16}\bof (?:the|its) (?:sauce|juices?|gravy|stew)\b/iu';
    /** What is made of it another day. */
    private const SECOND_MEAL = '/\b(?:for|into|makes?|as) (?:a |the )?(?:tomorrow[’\']?s|(?:the )?next[- ]day[’\']?s'
        .'|another day[’\']?s)\b/iu';

    private function __construct()
    {
    }

    /**
     * "Beef out, 15 minutes under foil": it is lifted out, and rests.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function withTheRest(array $acts): array
    {
        $all = [];
        foreach ($acts as $act) {
            $all[] = $act;
            if (ActKind::Lift === $act->kind && ($act->minutes->high ?? 0.0) >= self::LEAST_REST && preg_match(self::RESTS,
                $act->words)) {
                $all[] = new Act(
                    preg_replace('/\d+$/', '', $act->id).(\count($acts) + \count($all)), ActKind::Rest, $act->foods, $act->minutes,
                    words: $act->words, source: $act->source, said: $act->said,
                );
            }
        }

        return $all;
    }

    /**
     * "Put the ribs in a pot, cover with cold water, bring to the boil and boil for 5 minutes": all of it is blanching.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function blanched(array $acts): array
    {
        $at = array_search(ActKind::Blanch, array_map(static fn (Act $a): ActKind => $a->kind, $acts), true);

        return false === $at ? $acts : array_map(
            static fn (Act $a): Act => \in_array($a->kind, [ActKind::Load, ActKind::HeatUp], true)
                || (ActKind::Cook === $a->kind && ($a->minutes->high ?? 0.0) < self::SHORT_MINUTES) ? $a->as(ActKind::Blanch) : $a,
            $acts,
        );
    }

    /**
     * "Boil the potatoes for 20 minutes, drain and mash them": all of it is the side's; "a third for tomorrow's hash: fry it" is that
     * meal's.
     *
     * @param list<Act> $acts
     * @param bool      $side whether the sentence goes on with a side
     *
     * @return list<Act>
     */
    public static function beside(array $acts, string $sentence, string $ofBraise, bool $side = false): array
    {
        $meal = preg_match(self::SECOND_MEAL, $sentence, $m, \PREG_OFFSET_CAPTURE) ? $m[0][1] : null;
        $meal = preg_match(self::NEXT_DAY, $sentence) ? -1 : $meal;
        $all = [];
        $made = [];
        foreach ($acts as $act) {
            $at = strpos($sentence, $act->words);
            $behind = null !== $meal && false !== $at && $at > $meal;
            // "Boil the eggs, peel them and drop them in for the last hour": what was made beside goes into the pot.
            $ends = !$behind && (preg_match($ofBraise, (string) preg_replace(self::SOME_SAUCE, '', $act->words))
                || (Timing::BeforeEnd === $act->when->timing && [] !== $act->foods && [] === array_diff($act->foods, $made)));
            $made = [...$made, ...$act->foods];
            $all[] = ($side && !$ends && \in_array($act->kind, self::GOES_ON, true)) || ($behind && ActKind::Portion !== $act->kind)
                ? $act->as(ActKind::SideWork) : $act;
            $side = ActKind::SideWork === $act->kind || ($side && !$ends && \in_array($act->kind, self::GOES_ON, true));
        }

        return $all;
    }

    /**
     * "Cover the beans with cold water and leave overnight": that is what they lie in.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function soaked(array $acts): array
    {
        $soaks = false;
        $all = [];
        foreach ($acts as $act) {
            $all[] = $soaks && ActKind::Marinate === $act->kind ? $act->as(ActKind::Soak) : $act;
            $soaks = ActKind::Soak === $act->kind;
        }

        return $all;
    }

    /**
     * "Pour the stock over the chillies; soak for 15 minutes", "put in a blender with the onion": what is put somewhere only to soak, or
     * to be blended, does so with it.
     *
     * @param list<Act> $acts of a method
     *
     * @return list<Act>
     */
    public static function putInFor(array $acts): array
    {
        $kept = [];
        foreach ($acts as $act) {
            $last = $kept[\count($kept) - 1] ?? null;
            $soaks = ActKind::Soak === $act->kind && [] === $act->foods;
            $blends = ActKind::Blend === $act->kind && [] === ($last->foods ?? []) && $last?->source === $act->source;
            if (ActKind::Load === $last?->kind && null === $last->minutes && ($soaks || $blends) && $last->said === $act->said) {
                array_pop($kept);
                $words = $last->source === $act->source ? self::clauses($last->words, $act->words, $act->source)
                    : rtrim($last->words, ' .;')."; $act->words";
                $act = (new Act(
                    $last->id, $act->kind, array_values(array_unique([...$last->foods, ...$act->foods])), $act->minutes, $act->batches,
                    $act->celsius, $act->heat, $act->until, $act->when, $words, $last->source, said: $act->said,
                ))->onLine($last->line);
            }
            $kept[] = $act;
        }

        return $kept;
    }

    /**
     * "Meanwhile glaze the carrots and turnips. Add the vegetables to the pot": those that were made beside, and are in none yet.
     *
     * @param list<Act>        $acts        of a method
     * @param list<Ingredient> $ingredients
     *
     * @return list<Act>
     */
    public static function vegetablesMadeBeside(array $acts, array $ingredients): array
    {
        $vegetables = array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
            $ingredients, static fn (Ingredient $i): bool => Role::Vegetable === $i->role,
        ));
        $made = [];
        foreach ($acts as $k => $act) {
            if (ActKind::Add === $act->kind && [] === $act->foods && [] !== $made && preg_match(self::THE_VEGETABLES, $act->words)) {
                $acts[$k] = $act->taking($made);
                $made = [];
            }
            $made = ActKind::SideWork === $act->kind
                ? array_values(array_unique([...$made, ...array_intersect($act->foods, $vegetables)]))
                : array_values(array_diff($made, $act->foods));
        }

        return $acts;
    }

    /**
     * "Add the wine; let it bubble down by half": what is boiled down is what was poured last.
     *
     * @param list<Act>        $acts        of a method
     * @param list<Ingredient> $ingredients
     *
     * @return list<Act>
     */
    public static function boilingWhatWasPoured(array $acts, array $ingredients): array
    {
        $liquids = array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
            $ingredients, static fn (Ingredient $i): bool => Role::Liquid === $i->role,
        ));
        $all = [];
        $poured = [];
        foreach ($acts as $act) {
            $own = array_values(array_intersect($act->foods, $liquids));
            $all[] = ActKind::BoilDown === $act->kind && [] === $act->foods && [] !== $poured ? $act->taking($poured) : $act;
            $poured = [] === $own ? ([] === $act->foods ? $poured : []) : $own;
        }

        return $all;
    }

    /**
     * Acts of one kind beside each other are one: "season and salt".
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function merged(array $acts, string $sentence): array
    {
        $kept = [];
        foreach ($acts as $act) {
            $last = $kept[\count($kept) - 1] ?? null;
            $timed = ActKind::SideWork === $act->kind && (null === $last?->minutes) !== (null === $act->minutes)
                && max($last->minutes->high ?? 0.0, $act->minutes->high ?? 0.0) >= self::BY_ITSELF;
            if (null !== $last && $last->kind === $act->kind && $last->said === $act->said && !$timed) {
                array_pop($kept);
                $words = self::clauses($last->words, $act->words, $sentence);
                $sides = ActKind::Brown === $act->kind && preg_match(self::OTHER_SIDE, $words) ? self::bothSides($words) : null;
                $kept[] = new Act(
                    $last->id, $last->kind, array_values(array_unique([...$last->foods, ...$act->foods])),
                    $sides ?? self::minutes($last, $act),
                    $last->batches->and($act->batches),
                    $last->celsius
                        ?? $act->celsius, $last->heat, $last->until
                        ?? $act->until, $last->when, $words, $sentence,
                    said: $last->said,
                );
            } elseif (ActKind::Other !== $act->kind || [] === $kept) {
                $kept[] = $act;
            }
        }

        return $kept;
    }

    /** Beside the braise one thing is done after the other; else they are told of one and the same. */
    private static function minutes(Act $one, Act $more): ?Minutes
    {
        return match (true) {
            null === $one->minutes, null === $more->minutes => $one->minutes ?? $more->minutes,
            ActKind::SideWork === $one->kind && !preg_match(self::OF_ITS_END, $more->words) => $one->minutes->plus($more->minutes),
            default => $more->minutes->high > $one->minutes->high ? $more->minutes : $one->minutes,
        };
    }

    /** "5 minutes, flip and sear 2 more" */
    private static function bothSides(string $words): ?Minutes
    {
        $sides = array_column(Durations::in($words), 0);
        $more = 1 === \count($sides) && preg_match('/\b(?<n>\d{1,2}) more\b/iu', $words, $m) ? Minutes::exactly((float) $m['n']) : null;
        $other = $sides[1] ?? $more;

        return null === $other || \count($sides) > 2 ? null : $sides[0]->plus($other);
    }

    /** Two clauses of a sentence with what stands between them, where they stand in it one after the other. */
    private static function clauses(string $one, string $other, string $sentence): string
    {
        $from = strpos($sentence, $one);
        $to = false === $from ? false : strpos($sentence, $other, $from + \strlen($one));

        return false === $from || false === $to ? "$one, $other" : substr($sentence, $from, $to + \strlen($other) - $from);
    }
}
