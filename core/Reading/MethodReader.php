<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Internal\ActsTogether;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\BoiledTo;
use Pausis\Core\Recipe\Correction;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Said;
use Pausis\Core\Recipe\Step;

/** Reads the sentences of a method into acts: the braise begins at its first long cooking, or else where the lid goes on. */
final readonly class MethodReader
{
    private const LID_ON = '/\b(?:lid on|put (?:on )?the lid|cover(?:ed)?\W*$|cover and|switch(?:ed)? (?:it )?on)\b/iu';
    private const TIME_ALONE = '/^\W*(?:about\s+)?[\d½¼¾][\d½¼¾\s.,–-]*(?:to\s+\d+\s*)?(?:min|mins|minutes?|hours?|hrs?|h)\W*$/iu';
    /** Nothing of the kind is done with what only stands in the room for a while. */
    private const NOT_OUT = [ActKind::Cook, ActKind::TakeOut, ActKind::Lift, ActKind::Rest, ActKind::HeatUp, ActKind::Add, ActKind::Other];
    private const PUT_IN = [ActKind::Add, ActKind::Load, ActKind::CreamOrYoghurtIn, ActKind::Deglaze, ActKind::FryBase, ActKind::Fry];
    /** What lies in a pan till it is brown is fried, however slowly. */
    private const FRIED = '/\b(?:golden|brown\w*|colou?r\w*|caramel\w*|crisp|collapsed?|translucent|skillet|frying pan'
        .'|fat (?:has |to |will )?runs?)\b/iu';
    private const BRAISED = '/\b(?:cover\w*|lids?|oven|simmer\w*|brais\w*|stew\w*|cooker|tender|low|high(?! heat))\b/iu';
    /** A simmer of less, minutes, before one so many times as long is work on the way to it. */
    private const SHORT_SIMMER = 46.0;
    private const MUCH_LONGER = 3.0;
    private const IN_THE_COLD = '/\b(?:fridge|refrigerat\w*|chill\w*|freez\w*|cellar|larder|cold|marinat\w*|soak\w*|overnight)\b/iu';
    /** "you need a kilo of goat cut up on the bone, two onions, …": a list, told. */
    private const WHAT_IS_NEEDED = '/^\W*(?:\p{L}+[\s,:–-]+){0,4}(?:you(?:[’\']ll| will)? (?:just )?need|what you need is)\b(?! to\b)/iu';
    /** "Mash first, the meat on it, the sauce over": no verb, and yet what is done. */
    private const ON_THE_PLATE = '/\bfirst\b.*\b(?:then|on (?:it|top)|over(?: it)?|alongside)\b/iu';
    private const PUREE = '/\b(?:for the|(?:in)?to an?|for an?|silky|smooth)(?: \p{L}+)? pur[ée]e\b/iu';
    private const TO_A_PASTE = '/\b(?:to|into|make) an? (?:smooth |thick |stiff )?paste\b/iu';
    private const BUBBLES = '/\b(?:bubbl\w*|simmer\w*|boil\w*|thicken\w*)\b/iu';
    private const FOR_THE_TABLE = '/\b(?:to (?:serve|finish|garnish)|for serving)\b/iu';
    private const A_LIST = 4;
    private const LONG_FRYING = 61.0;
    /** What is simmered for no longer after starch went in is thickened; minutes. */
    private const THICKENS_WITHIN = 20.0;
    private const WHILE_THICKENING = [ActKind::Add, ActKind::Load, ActKind::TurnSetting, ActKind::Reduce, ActKind::Cook, ActKind::HeatUp];
    /** Minutes from which on a cooking is the braise. */
    private const LONG_COOK = 25.0;

    public function __construct(private ActTable $verbs)
    {
    }

    /**
     * @param list<Step>                $steps       each with its identity
     * @param list<Ingredient>          $ingredients
     * @param array<string, Correction> $corrections by step
     *
     * @return list<Act>
     */
    public function acts(array $steps, array $ingredients, array $corrections = []): array
    {
        $made = array_filter($steps, static fn (Step $s): bool => 1 === preg_match(self::PUREE, $s->source));
        $naming = new Naming($ingredients, [] === $made ? [] : ['puree']);
        $acts = self::withAllFoods($this->after($steps, $ingredients, $naming, null, $corrections));
        if (null !== self::cookPlace($acts)) {
            return $acts;
        }
        // The hours stand above the method: it cooks from where the lid goes on.
        foreach ($steps as $k => $step) {
            if (preg_match(self::LID_ON, $step->source)) {
                return self::withAllFoods($this->after($steps, $ingredients, $naming, $k + 1, $corrections));
            }
        }

        return $acts;
    }

    /**
     * What the list has and only a condition or an alternative puts in goes in all the same.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function withAllFoods(array $acts): array
    {
        $acts = self::thickenedOn($acts);
        $used = array_merge(...array_map(static fn (Act $a): array => $a->isDone() ? $a->foods : [], $acts));

        return array_map(
            static fn (Act $a): Act => $a->said->isChoice() && \in_array($a->kind, self::PUT_IN, true)
                && [] !== array_diff($a->foods, $used) ? $a->said(Said::Asserted) : $a,
            $acts,
        );
    }

    /**
     * "Stir in the starch, cover and cook on High for 15 minutes until thick": the starch thickens, nothing is boiled down.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function thickenedOn(array $acts): array
    {
        $thickener = null;
        $last = max([-1, ...array_keys(array_filter($acts, static fn (Act $a): bool => $a->kind->thickens() && $a->isDone()))]);
        foreach ($acts as $k => $act) {
            if ($act->kind->thickens() && $k < $last && preg_match(self::TO_A_PASTE, $act->words)) {
                // It thickens once it is whisked in.
                $acts[$k] = $act->as(ActKind::Mix);
                $acts[$last] = $acts[$last]->taking(array_values(array_unique([...$acts[$last]->foods, ...$act->foods])));
                continue;
            }
            $bubbles = null !== $thickener && ActKind::FryBase === $act->kind && [] === $act->foods
                && preg_match(self::BUBBLES, $act->words);
            $act = $bubbles ? $act->as(ActKind::Cook) : $act;
            $thickener = match (true) {
                $act->kind->thickens() => $act->kind,
                \in_array($act->kind, self::WHILE_THICKENING, true) => $thickener,
                default => null,
            };
            if (null === $thickener || $act->kind->thickens()) {
                continue;
            }
            $boils = \in_array($act->kind, [ActKind::Reduce, ActKind::Cook], true) && null !== $act->minutes
                && null === BoiledTo::in($act->source) && $act->minutes->high <= self::THICKENS_WITHIN;
            $acts[$k] = $boils || ([] === $act->foods && ActKind::Add === $act->kind) ? $act->as($thickener) : $act;
            $thickener = \in_array($act->kind, [ActKind::Reduce, ActKind::Cook], true) ? null : $thickener;
        }

        return array_values($acts);
    }

    /**
     * Whether wine and its kind are boiled down, or loosen a pan, before the braise itself.
     *
     * @param list<Act> $acts
     */
    public static function boilsWine(array $acts): bool
    {
        return [] !== array_filter(
            \array_slice($acts, 0, self::cookPlace($acts) ?? \count($acts)),
            static fn (Act $a): bool => \in_array($a->kind, [ActKind::BoilDown, ActKind::Deglaze, ActKind::Reduce], true),
        );
    }

    /**
     * @param list<Act> $acts
     *
     * @return int|null the place of the braise itself among them
     */
    public static function cookPlace(array $acts): ?int
    {
        $first = null;
        foreach ($acts as $k => $act) {
            if (!self::isBraise($act)) {
                continue;
            }
            $first ??= $k;
            $before = $acts[$first]->minutes->high ?? \INF;
            if ($before < self::SHORT_SIMMER && ($act->minutes->high ?? 0.0) >= self::MUCH_LONGER * $before && $act->isDone()) {
                return $k;
            }
        }

        return $first;
    }

    public static function isBraise(Act $act): bool
    {
        return ActKind::Cook === $act->kind
            && (null === $act->minutes ? ActReader::braises($act->source) : $act->minutes->high >= self::LONG_COOK)
            && (preg_match(self::BRAISED, $act->source) || !preg_match(self::IN_THE_COLD, $act->source))
            && !(null !== $act->minutes && $act->minutes->high < self::LONG_FRYING && preg_match(self::FRIED, $act->source)
                && !preg_match(self::BRAISED, $act->source));
    }

    /**
     * @param list<Step>                $steps
     * @param list<Ingredient>          $ingredients
     * @param int|null                  $from        the step at which the braise is over; null to be told by the acts
     * @param array<string, Correction> $corrections
     *
     * @return list<Act>
     */
    private function after(array $steps, array $ingredients, Naming $naming, ?int $from, array $corrections): array
    {
        $reader = new ActReader($this->verbs);
        $acts = [];
        $after = false;
        foreach ($steps as $k => $step) {
            $after = $after || $k === $from;
            $named = preg_match(self::WHAT_IS_NEEDED, $step->source) ? $naming->in($step->source) : [];
            $ofMeat = array_filter($named, static fn (int $p): bool => Role::Meat === $ingredients[$p]->role);
            if (\count($named) >= self::A_LIST || [] !== $ofMeat) {
                continue;
            }
            $read = $reader->read($step->source, $step->id, $naming, $ingredients, $after);
            if ($k + 1 === $from && [] !== $read) {
                $read[] = array_pop($read)->as(ActKind::Cook);
            }
            $read = !$after && HazardReader::standsOut($step->source)
                ? array_map(static fn (Act $a): Act => \in_array($a->kind, self::NOT_OUT, true) ? $a->as(ActKind::Prepare) : $a, $read)
                : $read;
            $read = array_map(
                static fn (Act $a): Act => ActKind::Load === $a->kind && [] === $a->foods && preg_match(ActReader::BUT, $a->source, $m)
                    ? $a->taking(self::allBut($naming->in($m[0]), $ingredients, $step->line)) : $a,
                $read,
            );
            $read = self::corrected($read, $step, $corrections[$step->id] ?? null);
            $alone = [] === $read && preg_match(self::TIME_ALONE, $step->source) ? array_pop($acts) : null;
            if (null !== $alone) {
                $acts[] = $alone->lasting(Minutes::of($step->minutes));
                continue;
            }
            $after = $after || [] !== array_filter($read, self::isBraise(...));
            $told = [] === $read
                ? [new Act(
                    "$step->id.1", $after && preg_match(self::ON_THE_PLATE, $step->source) ? ActKind::Serve : ActKind::Other,
                    array_map(static fn (int $p): string => $ingredients[$p]->key(), $naming->in($step->source)), source: $step->source,
                )]
                : $read;
            array_push($acts, ...array_map(static fn (Act $a): Act => $a->onLine($step->line), $told));
        }

        return ActsTogether::vegetablesMadeBeside(
            ActsTogether::boilingWhatWasPoured(ActsTogether::putInFor($acts), $ingredients), $ingredients,
        );
    }

    /**
     * "Everything except the apricots": of what isn't made or served apart.
     *
     * @param list<int>        $but         places
     * @param list<Ingredient> $ingredients
     *
     * @return list<string> ids
     */
    private static function allBut(array $but, array $ingredients, int $line): array
    {
        return array_values(array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
            array_diff_key($ingredients, array_flip($but)),
            static fn (Ingredient $i): bool => '' === $i->group && $i->line < $line
                && !preg_match(self::FOR_THE_TABLE, $i->source),
        )));
    }

    /**
     * What an act took and is said to is taken there still; what is new goes to the sentence's first act that takes anything.
     *
     * @param list<Act>    $read
     * @param list<string> $foods
     *
     * @return list<Act>
     */
    private static function taking(array $read, array $foods): array
    {
        $new = array_values(array_diff($foods, ...array_map(static fn (Act $a): array => $a->foods, $read)));
        $taken = [];
        foreach ($read as $act) {
            $kept = array_values(array_intersect($act->foods, $foods));
            $taken[] = $act->taking([] !== $act->foods || 1 === \count($read) ? [...$kept, ...$new] : $kept);
            $new = [] !== $act->foods ? [] : $new;
        }
        if ([] !== $new && [] !== $taken) {
            $taken[0] = $taken[0]->taking([...$taken[0]->foods, ...$new]);
        }

        return $taken;
    }

    /**
     * A sentence that the cook has called something is that one thing; minutes are those of its longest act.
     *
     * @param list<Act> $read
     *
     * @return list<Act>
     */
    private static function corrected(array $read, Step $step, ?Correction $correction): array
    {
        if (null !== $correction?->kind) {
            $foods = array_values(array_unique(array_merge(...array_map(static fn (Act $a): array => $a->foods, $read))));
            $read = [new Act(
                "$step->id.1", $correction->kind, $foods, $read[0]->minutes ?? null, until: $read[0]->until ?? null, source: $step->source,
            )];
        }
        if (null !== $correction?->foods) {
            $read = self::taking($read, $correction->foods);
        }
        if (null === $correction?->minutes || [] === $read) {
            return $read;
        }
        $longest = 0;
        foreach ($read as $k => $act) {
            $longest = ($act->minutes->high ?? 0.0) > ($read[$longest]->minutes->high ?? 0.0) ? $k : $longest;
        }

        return array_map(
            static fn (Act $a, int $k): Act => $k === $longest ? $a->lasting($correction->minutes) : $a, $read, array_keys($read),
        );
    }
}
