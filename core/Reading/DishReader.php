<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Internal\Durations;
use Pausis\Core\Reading\Internal\EarlierDays;
use Pausis\Core\Reading\Internal\Finishing;
use Pausis\Core\Reading\Internal\Parts;
use Pausis\Core\Reading\Internal\StructureReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Correction;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Part;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\Structure;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\Way;
use Pausis\Core\Recipe\When;

/** Puts a recipe's corrected lines and sentences together as a dish. */
final readonly class DishReader
{
    private const EVENING = '/\b(?:overnight|(?:the )?(?:night|evening|day) (?:before|ahead)|(?:for )?(?:(?:one|two|three|four'
        .'|\d)(?: or (?:two|three|\d))?|a couple of) (?:days|nights)|for a (?:day|night))\b/iu';
    private const UNCOVERED = '/\b(?:uncover(?:ed)?|without (?:a|the) lid|lid (?:off|comes off)|off the lid)\b/iu';
    private const OF_THE_POT = '/\b(?:meat|sauce|stew|braise|juices|gravy|pot|slow cooker)\b/iu';
    private const OF_THE_BRAISE = [ActKind::Lift, ActKind::TakeOut, ActKind::Serve, ActKind::Shred, ActKind::Carve, ActKind::Strain,
        ActKind::Skim];
    private const COOKS_ON = [ActKind::Cook, ActKind::Reduce, ActKind::Rest];
    private const AHEAD = [
        ActKind::Soak, ActKind::Marinate, ActKind::Season, ActKind::Dry, ActKind::Cut, ActKind::Prepare, ActKind::Mix, ActKind::Tie,
    ];
    /** What is marinated so long is begun the evening before, minutes. */
    private const OVERNIGHT = 360.0;
    private const AFTER = '/\bafter (?:about |around |the first )?(?:an?\b|\d|[½¼¾]|one|two|three|four|five|six|half'
        .'|(?<=first )hour)[^,.;]{0,20}/iu';
    private const LOOKS = [ActKind::TakeOut, ActKind::Skim, ActKind::PokeDown, ActKind::Check];
    private const POT_IS_ON = '/\b(?:as soon as|once|when) (?:the (?:pot|slow cooker|cooker|meat|crock)|it|everything)(?: is|[’\']s)'
        .' (?:on|going|under way|in)\b/iu';
    private const HALF_WAY = '/\bhalf[- ]?way\b/iu';
    /** Later than this share of the cooking it is done at its end. */
    private const WELL_BEFORE_THE_END = 0.85;
    private const IN_MID_COOK = [ActKind::Check, ActKind::PokeDown, ActKind::TurnSetting, ActKind::Test];

    private MethodReader $method;

    public function __construct()
    {
        $this->method = new MethodReader(ActTable::load());
    }

    /**
     * @param list<Ingredient>          $ingredients each with its part
     * @param list<Step>                $steps       each with its identity
     * @param list<Way>                 $ways
     * @param array<string, Correction> $corrections by step
     */
    public function read(array $ingredients, array $steps, array $ways = [], array $corrections = []): Dish
    {
        $whens = array_filter(array_map(static fn (Correction $c): ?When => $c->when, $corrections));
        $acts = self::moved($this->method->acts($steps, $ingredients, $corrections), $whens);
        $sentences = array_map(static fn (Step $s): array => [$s->source, 'step', $s->line], $steps);

        return self::assembled(
            $ingredients, $acts,
            (new StructureReader(
                $ingredients, $acts, $sentences, $ways[0] ?? null, array_map(static fn (Ingredient $i): PartKind => $i->part,
                    $ingredients),
            ))->read(),
            $ways, $whens,
        );
    }

    /**
     * The acts in the order that a cook has said: what is to be done before the cooking stands before it, what is done after it behind.
     *
     * @param list<Act>           $acts
     * @param array<string, When> $whens by step
     *
     * @return list<Act>
     */
    private static function moved(array $acts, array $whens): array
    {
        $cook = [] === $whens ? null : MethodReader::cookPlace($acts);
        if (null === $cook) {
            return $acts;
        }
        $ranked = [[], [], [], [], []];
        foreach ($acts as $k => $act) {
            $ranked[$k === $cook ? 2 : match (($whens[$act->step()] ?? null)?->timing) {
                null => $k < $cook ? 1 : 4,
                Timing::EveningBefore => 0,
                Timing::Before => 1,
                Timing::AfterStart, Timing::BeforeEnd => 3,
                Timing::End => 4,
            }][] = $act;
        }

        return array_merge(...$ranked);
    }

    /**
     * @param list<Ingredient>    $ingredients
     * @param list<Act>           $acts
     * @param list<Way>           $ways
     * @param array<string, When> $whens       that a cook has said, by step
     */
    private static function assembled(array $ingredients, array $acts, Structure $structure, array $ways, array $whens): Dish
    {
        $cook = MethodReader::cookPlace($acts);
        $late = array_combine(
            array_map(static fn (Ingredient $i): string => $i->key(), $ingredients),
            \array_slice($structure->late, 0, \count($ingredients)),
        );
        foreach (array_filter($acts, static fn (Act $a): bool => isset($whens[$a->step()])) as $said) {
            $late = array_diff_key($late, array_flip($said->foods));
        }
        $late = array_diff_key($late, array_flip(self::onceItIsLifted($acts, $cook)));
        $acts = self::eachAtItsTime($acts, $late);
        $cook = MethodReader::cookPlace($acts);
        $partOf = [];
        foreach ($ingredients as $one) {
            $partOf[$one->key()] = $one->part;
        }
        $evenings = self::evenings($acts);
        $cooking = self::longer(null === $cook ? null : $acts[$cook]->minutes, ($ways[0] ?? null)?->minutes);
        $byPart = [PartKind::Braise->value => []];
        $lifted = false;
        $earlier = EarlierDays::in($acts, $cook);
        $part = PartKind::Braise;
        foreach ($acts as $k => $act) {
            if (EarlierDays::isOnlyADay($act->source)) {
                continue;
            }
            $after = null !== $cook && $k > $cook;
            $act = self::ofVegetables($act, $ingredients) ? $act->as(ActKind::FryBase) : $act;
            $opened = $after ? self::opened($act) : $act;
            $ahead = ($earlier[$k] ?? false) || (!$after && \in_array($act->source, $evenings, true));
            $timed = $opened->at($ahead ? When::eveningBefore() : self::when(
                $opened, $after, $late, $structure->uncoverMinutes, $cooking, self::isSlow($ways),
            ));
            $timed = false === ($earlier[$k] ?? null) && Timing::EveningBefore === $timed->when->timing
                && !preg_match('/\bovernight\b/iu', $act->source) ? $timed->at(When::before()) : $timed;
            $timed = isset($whens[$act->step()]) && $k !== $cook ? $timed->at($whens[$act->step()]) : $timed;
            // What is cooked in the sauce once the meat is out is part of the finish.
            $timed = $lifted && Timing::BeforeEnd === $timed->when->timing && !isset($whens[$act->step()])
                ? $timed->at(When::atTheEnd()) : $timed;
            $timed = $lifted && ActKind::TurnSetting === $timed->kind && null !== $timed->minutes
                ? $timed->as(ActKind::Cook)->at(When::atTheEnd()) : $timed;
            $lifted = $lifted || ($after && ActKind::Lift === $act->kind && $act->isDone());
            $goesIn = ActKind::Garnish === $timed->kind && Timing::BeforeEnd === $timed->when->timing;
            $part = $after && PartKind::Braise !== $part && self::goesOnWith($act, $acts[$k - 1] ?? null)
                ? $part : self::partOf($act, $partOf, $after);
            $byPart[$part->value][] = $goesIn ? $timed->as(ActKind::Add) : $timed;
        }
        if (null !== $cook) {
            $byPart[PartKind::Braise->value] = self::withTheLate($byPart[PartKind::Braise->value], $acts[$cook], $ingredients, $late);
        }

        return new Dish($ingredients, self::parts($ingredients, $byPart), $ways, $structure->takeOut, $structure->bonesServed);
    }

    /**
     * @param list<Ingredient>         $ingredients
     * @param array<string, list<Act>> $byPart
     *
     * @return list<Part>
     */
    private static function parts(array $ingredients, array $byPart): array
    {
        $parts = [];
        foreach (PartKind::cases() as $kind) {
            $own = array_values(array_filter($ingredients, static fn (Ingredient $i): bool => $kind === $i->part));
            if (PartKind::Braise === $kind || isset($byPart[$kind->value]) || [] !== $own) {
                $parts[] = new Part(
                    $kind->value, $kind, '', array_map(static fn (Ingredient $i): string => $i->key(), $own), $byPart[$kind->value] ?? [],
                );
            }
        }

        return $parts;
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<string> sentences in which something lies overnight
     */
    private static function evenings(array $acts): array
    {
        return array_values(array_map(static fn (Act $a): string => $a->source, array_filter(
            $acts, static fn (Act $a): bool => \in_array($a->kind, [ActKind::Marinate, ActKind::Soak], true)
                && preg_match(self::EVENING, $a->source),
        )));
    }

    /** What cooks on without its lid until it has boiled away is boiled down. */
    private static function opened(Act $act): Act
    {
        return ActKind::Cook === $act->kind && preg_match(self::UNCOVERED, $act->source)
            && preg_match(Finishing::BOILS_AWAY, $act->source) ? $act->as(ActKind::Reduce) : $act;
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<string> ids of what goes into the sauce only when the meat is out
     */
    private static function onceItIsLifted(array $acts, ?int $cook): array
    {
        $sooner = $then = [];
        $lifted = false;
        foreach (null === $cook ? [] : \array_slice($acts, $cook) as $act) {
            $lifted = $lifted || (ActKind::Lift === $act->kind && $act->isDone());
            $lifted ? array_push($then, ...$act->foods) : array_push($sooner, ...$act->foods);
        }

        return array_values(array_diff($then, $sooner));
    }

    /**
     * "The potatoes for an hour and a half, and the cabbage for the last 40 minutes": one act for each time.
     *
     * @param list<Act>                   $acts
     * @param array<string, Minutes|null> $late by ingredient
     *
     * @return list<Act>
     */
    private static function eachAtItsTime(array $acts, array $late): array
    {
        $each = [];
        foreach ($acts as $act) {
            $byTime = [];
            foreach (ActKind::Add === $act->kind && Timing::BeforeEnd === $act->when->timing ? $act->foods : [] as $food) {
                $byTime[(string) (($late[$food] ?? null)?->middle() ?? $act->when->offset?->middle())][] = $food;
            }
            if (\count($byTime) < 2) {
                $each[] = $act;
                continue;
            }
            $step = $act->step();
            $told = \count(array_filter($acts, static fn (Act $a): bool => $step === $a->step()));
            foreach (array_values($byTime) as $k => $foods) {
                $minutes = $late[$foods[0]] ?? $act->when->offset ?? Minutes::exactly(0);
                $one = (new Act(
                    0 === $k ? $act->id : "$step.".($told + $k), $act->kind, $foods, until: $act->until,
                    when: When::beforeEnd($minutes), words: $act->words, source: $act->source, said: $act->said,
                ))->onLine($act->line);
                $each[] = $one;
            }
        }

        return $each;
    }

    /**
     * What goes in late and is only told with the cooking itself, "cook for 8 hours, with the barley for the last 90 minutes",
     * is an act of
     * its own behind it.
     *
     * @param list<Act>                   $acts        of the braise
     * @param list<Ingredient>            $ingredients
     * @param array<string, Minutes|null> $late        by ingredient
     *
     * @return list<Act>
     */
    private static function withTheLate(array $acts, Act $cook, array $ingredients, array $late): array
    {
        $done = array_merge(...array_map(
            static fn (Act $a): array => null === $a->when->offset && !$a->kind->thickens() ? [] : $a->foods, $acts,
        ));
        $at = array_search($cook->id, array_column($acts, 'id'), true);
        $sentence = (string) preg_replace('/\.\d+$/', '', $cook->id);
        $number = \count(array_filter($acts, static fn (Act $a): bool => str_starts_with($a->id, "$sentence.")));
        $told = [];
        foreach (false === $at ? [] : $ingredients as $one) {
            $minutes = $late[$one->key()] ?? null;
            if (null !== $minutes && PartKind::Braise === $one->part && !\in_array($one->key(), $done, true)) {
                $together = array_filter($told, static fn (array $t): bool => $t[0] == $minutes);
                $key = array_key_first($together) ?? \count($told);
                $told[$key] = [$minutes, [...$told[$key][1] ?? [], $one]];
            }
        }
        foreach ($told as [$minutes, $foods]) {
            ++$number;
            array_splice($acts, $at + 1, 0, [new Act(
                "$sentence.$number", ActKind::Add, array_map(static fn (Ingredient $i): string => $i->key(), $foods),
                when: When::beforeEnd($minutes), words: implode(', ', array_map(static fn (Ingredient $i): string => $i->foodText, $foods)),
                source: $cook->source, line: $cook->line,
            )]);
        }

        return $acts;
    }

    /**
     * Whether what is browned is no meat.
     *
     * @param list<Ingredient> $ingredients
     */
    private static function ofVegetables(Act $act, array $ingredients): bool
    {
        $named = array_filter($ingredients, static fn (Ingredient $i): bool => \in_array($i->key(), $act->foods, true));
        $roles = array_map(static fn (Ingredient $i): Role => $i->role, $named);

        return ActKind::Brown === $act->kind && [] !== array_intersect(
            array_map(static fn (Role $r): string => $r->value, $roles), [Role::Vegetable->value, Role::Aromatic->value],
        ) && !\in_array(Role::Meat, $roles, true);
    }

    /** @param list<Way> $ways */
    private static function isSlow(array $ways): bool
    {
        return [] !== array_filter($ways, static fn (Way $w): bool => Method::SlowCooker === $w->method);
    }

    /** @param array<string, Minutes|null> $late by ingredient */
    private static function when(Act $act, bool $after, array $late, ?float $uncover, ?Minutes $cook, bool $slow): When
    {
        $offset = null;
        foreach ($act->foods as $food) {
            $offset ??= $late[$food] ?? null;
        }
        $hour = self::hourOf($act, $cook);
        $adds = \in_array(
            $act->kind, [ActKind::Add, ActKind::Load, ActKind::CreamOrYoghurtIn, ActKind::SeasonToTaste, ActKind::Other], true,
        );

        return match (true) {
            !$after && self::isDayAhead($act) && (\in_array($act->kind, self::AHEAD, true)
                || (ActKind::Load === $act->kind && !preg_match(self::OF_THE_POT, $act->source))) => When::eveningBefore(),
            !$after && !\in_array($act->when->timing, [Timing::BeforeEnd], true) => When::before(),
            ($adds || ActKind::Garnish === $act->kind) && null !== $offset => When::beforeEnd($offset),
            Timing::BeforeEnd === $act->when->timing => $act->when,
            ActKind::LidOff === $act->kind && null !== $uncover => When::beforeEnd(Minutes::exactly($uncover)),
            ActKind::SideWork === $act->kind && preg_match(self::POT_IS_ON, $act->source) => When::afterStart(Minutes::exactly(0)),
            ActKind::Add === $act->kind && null !== $cook && !$slow && null !== $hour => When::beforeEnd(
                Minutes::exactly($cook->middle() - $hour->middle()),
            ),
            null !== $hour && \in_array($act->kind, [...self::LOOKS, ActKind::Add], true) => When::afterStart($hour),
            \in_array($act->kind, self::IN_MID_COOK, true) => When::afterStart(null),
            default => When::atTheEnd(),
        };
    }

    /** "After 2 hours fish out the chilli", well before the braise is done. */
    private static function hourOf(Act $act, ?Minutes $cook): ?Minutes
    {
        $found = preg_match(self::AFTER, $act->source, $m) ? Durations::in($m[0])[0][0] ?? null : null;
        $found ??= preg_match(self::HALF_WAY, $act->words) ? $cook?->times(0.5) : null;

        return null !== $cook && null !== $found && $found->high < self::WELL_BEFORE_THE_END * $cook->low ? $found : null;
    }

    private static function longer(?Minutes $one, ?Minutes $other): ?Minutes
    {
        return ($one->low ?? 0.0) < ($other->low ?? 0.0) ? $other : $one;
    }

    private static function isDayAhead(Act $act): bool
    {
        return 1 === preg_match(self::EVENING, $act->source) || (ActKind::Marinate === $act->kind
            && null !== $act->minutes && $act->minutes->high >= self::OVERNIGHT);
    }

    /** @param array<string, PartKind> $partOf by ingredient */
    private static function partOf(Act $act, array $partOf, bool $after): PartKind
    {
        $named = array_values(array_filter(array_map(static fn (string $food): ?PartKind => $partOf[$food] ?? null, $act->foods)));
        $beside = array_values(array_filter($named,
            static fn (PartKind $p): bool => PartKind::Braise !== $p && PartKind::Marinade !== $p));

        return match (true) {
            ActKind::SideWork === $act->kind => preg_match(Parts::ANOTHER_DAY, $act->source) ? PartKind::SecondMeal
                : $beside[0] ?? PartKind::Side,
            // What is made with something of the side is the side's, whatever of the braise's butter goes into it.
            $after && \in_array(PartKind::Side, $beside, true) && !$act->kind->finishes() => PartKind::Side,
            [] !== $named && \count($beside) === \count($named) && !$act->kind->finishes() => $beside[0],
            [] !== $named && \count($beside) === \count($named) && self::bindsWhatIsBeside($act) => $beside[0],
            default => PartKind::Braise,
        };
    }

    /** "For the sauce melt the butter, stir in the flour and cook for a minute": what names nothing goes on with what its sentence does. */
    private static function goesOnWith(Act $act, ?Act $before): bool
    {
        $goesOn = $act->source === $before?->source ? !\in_array($act->kind, self::OF_THE_BRAISE, true)
            : $act->line === $before?->line && \in_array($act->kind, self::COOKS_ON, true);

        return [] === $act->foods && $goesOn && !preg_match(self::OF_THE_POT, $act->words);
    }

    /** Butter, flour and milk of a sauce beside are no thickening of this one. */
    private static function bindsWhatIsBeside(Act $act): bool
    {
        return $act->kind->thickens() || ActKind::CreamOrYoghurtIn === $act->kind;
    }
}
