<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\AwayDraft;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\HandlingDraft;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\App\Api\Wire\LedgerAmount;
use Pausis\App\Api\Wire\MeatDraft;
use Pausis\App\Api\Wire\StepDraft;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\HouseRecord;
use Pausis\App\Store\Learned;
use Pausis\App\Store\Meanings;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\FurtherMeats;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\SidesOfDish;
use Pausis\Core\Day\Stay;
use Pausis\Core\Day\TypedHabits;
use Pausis\Core\Day\Whereabouts;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\WhyWarm;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\Either;
use Pausis\Core\Reading\HazardReader;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Reading\TypedQuantity;
use Pausis\Core\Reading\TypedTime;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\ActNeeds;
use Pausis\Core\Recipe\Correction;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\Way;
use Pausis\Core\Recipe\When;
use Pausis\Core\Tenderness\Doneness;

/** Turns what a cook typed into an order for the core, with every problem and its place. */
final readonly class DraftOrder
{
    /** In the fridge between the pot and the plate. */
    private const LEAST_CHILLED_HOURS = 8;
    private const MOST_CHILLED_DAYS = 2;
    private const FARTHEST_DAYS = 14;

    public function __construct(
        private IngredientReader $reader, private StepReader $steps, private Cuts $cuts, private Cookers $cookers,
        private Learned $learned,
        private Meanings $meanings, private DishReader $dishes, private Evaluation $evaluation, private Sides $sides,
        private FurtherMeats $further,
    ) {
    }

    /**
     * With an identity for every line and step. In drafts of before it is what their ledger hung on then: the food's name, the place of
     * the step. What was refused of a step by itself, and is one change with another now, is refused with that.
     */
    public static function identified(BraiseDraft $draft): BraiseDraft
    {
        $seen = array_fill_keys(array_map(static fn (IngredientDraft $i): string => $i->id, $draft->ingredients), true);
        $lines = [];
        foreach ($draft->ingredients as $i) {
            $id = $i->id;
            for ($k = 2, $name = mb_substr($i->food, 0, 380); '' === $id; ++$k) {
                $id = isset($seen[$name]) || '' === $name ? '' : $name;
                $name = $i->food." ($k)";
            }
            $seen[$id] = true;
            $lines[] = new IngredientDraft($i->line, $i->source, $i->amount, $i->food, $i->role, $i->ignored, $id, $i->part, $i->group);
        }
        $steps = array_map(
            static fn (StepDraft $s, int $k): StepDraft => new StepDraft(
                $s->line, $s->source, $s->kind, $s->minutes, '' === $s->id ? (string) $k : $s->id, $s->when, $s->offset, $s->foods,
            ),
            $draft->steps, array_keys($draft->steps),
        );

        return $draft->with(
            $lines, $steps,
            array_values(array_unique(array_map(
                static fn (string $key): string => (string) preg_replace('/^step:[^:]+:reduce-on-hob$/', 'reduce', $key), $draft->refused,
            ))),
        );
    }

    /** @return list<Ingredient> one a line of the draft, ignored ones included */
    public function understood(BraiseDraft $draft): array
    {
        $reader = $this->reader->for(
            UnitSystem::tryFrom($draft->measures) ?? UnitSystem::guess($draft->recipeText), $this->meanings->vocabulary(),
        );

        return array_map(
            static fn (IngredientDraft $i): Ingredient => $reader->fromParts(
                $i->source, $i->line, $i->amount, $i->food, Role::tryFrom($i->role),
            )->identified($i->id)->belongingTo(PartKind::tryFrom($i->part) ?? PartKind::Braise)->grouped($i->group),
            $draft->ingredients,
        );
    }

    /**
     * The recipe as a process, as corrected.
     *
     * @param list<Ingredient> $understood
     */
    public function dish(BraiseDraft $draft, array $understood): Dish
    {
        $corrections = [];
        foreach ($draft->steps as $step) {
            $minutes = $this->typedMinutes($step->minutes);
            $kind = StepKind::tryFrom($step->kind);
            $when = $this->when($step);
            $foods = null === $step->foods ? null : array_values(array_intersect($step->foods, array_column($draft->ingredients, 'id')));
            if (null !== $minutes || null !== $kind || null !== $when || null !== $foods) {
                $corrections[$step->id] = new Correction(
                    null === $kind ? null : ActKind::ofStep($kind) ?? ActKind::Other, $minutes, $when, $foods,
                );
            }
        }

        return $this->dishes->read($understood, $this->steps($draft, $understood), $this->ways($draft), $corrections);
    }

    /** "20", "1 h 30", "20-25 minutes". */
    private function typedMinutes(string $typed): ?Minutes
    {
        return '' === trim($typed) ? null : Minutes::of($this->steps->minutes(preg_match('/\p{L}/u', $typed) ? $typed : "$typed min"));
    }

    private function when(StepDraft $step): ?When
    {
        $offset = $this->typedMinutes($step->offset);

        return match (Timing::tryFrom($step->when)) {
            Timing::EveningBefore => When::eveningBefore(),
            Timing::Before => When::before(),
            Timing::AfterStart => null === $offset ? null : When::afterStart($offset),
            Timing::BeforeEnd => null === $offset ? null : When::beforeEnd($offset),
            Timing::End => When::atTheEnd(),
            null => null,
        };
    }

    /** What the cook has called a sentence and can't be done there is said beside it; all else is worked out. */
    private function sayImpossible(BraiseDraft $draft, Dish $dish, Problems $problems): void
    {
        foreach (ActNeeds::unmet($dish->acts()) as $act) {
            foreach ($draft->steps as $k => $step) {
                if ('' !== $step->kind && "$step->id.1" === $act->id) {
                    $problems->add('act-without-its-need', "steps.$k.kind", ['act' => $act->kind->value]);
                }
            }
        }
        foreach ($draft->steps as $k => $step) {
            if (\in_array(Timing::tryFrom($step->when), [Timing::AfterStart, Timing::BeforeEnd], true) && null === $this->when($step)) {
                $problems->add('offset-not-understood', "steps.$k.offset", ['typed' => mb_substr($step->offset, 0, 40)]);
            }
        }
    }

    /** @return list<Way> the recipe's own, where it is known */
    private function ways(BraiseDraft $draft): array
    {
        $original = $this->original($draft, new Problems());
        $settings = [];
        foreach (Method::SlowCooker === $original?->method ? $draft->original->settings : [] as $own) {
            $settings[$own->setting] = Minutes::between($own->fromMinutes, $own->toMinutes);
        }
        $oven = $original?->ovenCelsius;

        return null === $original
            ? []
            : [new Way($original->method, Minutes::exactly(60 * $original->hours), null === $oven ? null : [$oven, $oven], $settings)];
    }

    /**
     * @param list<Ingredient> $understood
     *
     * @return list<Step> one a step of the draft
     */
    public function steps(BraiseDraft $draft, array $understood): array
    {
        $naming = new Naming($understood);

        return array_map(function (StepDraft $s) use ($naming): Step {
            $read = $this->steps->read($s->source, $s->line);
            $minutes = '' === trim($s->minutes)
                ? $read->minutes
                : $this->steps->minutes(preg_match('/\p{L}/u', $s->minutes) ? $s->minutes : "$s->minutes min") ?? $read->minutes;

            return $read->corrected(
                StepKind::tryFrom($s->kind) ?? $read->kind, $minutes,
            )->using($naming->in($s->source))->identified($s->id);
        }, $draft->steps);
    }

    /**
     * @param list<Ingredient> $understood
     * @param Cooker|null      $cooker     in place of the one that the draft names
     */
    public function order(
        BraiseDraft $draft, array $understood, HouseRecord $house, \DateTimeImmutable $now, Problems $problems, ?Cooker $cooker = null,
    ): ?BraiseOrder {
        [$understood, $either] = $this->chosen($understood, $draft->refused);
        $kept = array_values(array_filter(
            $understood, static fn (int $k): bool => !$draft->ingredients[$k]->ignored, \ARRAY_FILTER_USE_KEY,
        ));
        $serves = $this->wholeNumber($draft->serves, 'serves', Range::servings(), $problems);
        $original = $this->original($draft, $problems);
        [$joint, $bone, $known] = $this->meat($draft, $problems);
        $found = $this->cookers->find($draft->cookerId)?->cooker();
        $cooker ??= null === $found || null === $known ? $found : $known->in($found);
        if (null === $cooker) {
            $problems->add('no-cooker', 'cookerId');
        }
        $serveAt = $this->serveAt($draft->serveAt, $house->zone(), $now, $problems);
        $eatenOn = $this->eatenOn($draft->handling->eatenOn, $house->zone(), $serveAt, $problems);
        $kitchen = null === $serveAt ? new Kitchen()
            : $this->kitchen($draft->away, $house, $now, $eatenOn ?? $serveAt, $problems);
        $level = $this->choice(LevelSchool::class, $draft->level, 'level', $problems);
        $texture = $this->choice(Doneness::class, $draft->texture, 'texture', $problems);
        $ofTheRecipe = SauceBody::AS_THE_RECIPE === $draft->thickness;
        $thickness = $ofTheRecipe ? null : $this->choice(Thickness::class, $draft->thickness, 'thickness', $problems);
        $by = ThickenedBy::tryFrom($draft->thickener) ?? ThickenedBy::Starch;
        $thickener = ThickenedBy::Starch === $by
            ? $this->choice(Thickener::class, $draft->thickener, 'thickener', $problems)
            : Thickener::CornStarch;
        $sureness = $this->choice(Sureness::class, $draft->sure, 'sure', $problems);
        $setting = 'auto' === $draft->setting ? null : $this->choice(ProgramChoice::class, $draft->setting, 'setting', $problems);
        if (!$problems->none() || null === $serves || null === $joint || null === $cooker || null === $serveAt
            || null === $level || null === $texture || null === $thickener || null === $sureness) {
            return null;
        }

        $dish = $this->dish($draft, $understood);
        $this->sayImpossible($draft, $dish, $problems);
        DraftDay::sayUnclear($draft, $problems);

        return $this->evaluation->informed((new BraiseOrder(
            $this->recipe($draft, $kept, $serves, $original, $dish, $either),
            new OrderedMeat(
                $joint, $bone, $this->beforehand($draft, $understood, $problems), $this->further->besides(
                    $kept, $joint->cut, Mass::kilograms($joint->boneless->kilograms + $bone->kilograms), $joint->start,
                    $this->furtherSaid($draft, $problems),
                ),
            ),
            $cooker,
            new Room(Temperature::celsius($house->roomCelsius), $house->altitudeMetres),
            $now,
            $serveAt,
            $kitchen,
            wishes: new Wishes(
                level: $level, texture: $texture, thickness: $thickness, thickener: $thickener, choice: $setting,
                saltAimPercent: $house->saltPercent, sureness: $sureness, by: $by, habit: ProgramChoice::tryFrom($house->setting),
            ),
            choices: new LedgerChoices($draft->refused, $this->amounts($draft->amounts, $problems)),
            handling: $this->handling($draft->handling, $dish, $house->zone(), $problems)->with(eatenOn: $eatenOn),
            known: $known?->spread(),
        ))->informedByRecipe())->longer($this->longer($draft->meat->longer, $problems));
    }

    /**
     * @param list<Ingredient> $kept
     * @param list<Either>     $either
     */
    private function recipe(
        BraiseDraft $draft, array $kept, int $serves, ?OriginalMethod $original, Dish $dish, array $either,
    ): OrderedRecipe {
        $sides = new SidesOfDish($dish, $this->sides);

        return new OrderedRecipe(
            $kept, $serves, $original, $draft->original->boilsWine, $dish, told: $sides->toldBy($draft->sides), leftToYou: $either,
            leftOut: $sides->leftOut($draft->sides),
        );
    }

    /** @return array<string, array{pieces: int|null, thicknessCm: float|null}> of the meats of other lines, by line */
    private function furtherSaid(BraiseDraft $draft, Problems $problems): array
    {
        $said = [];
        foreach ($draft->meat->others as $k => $other) {
            $said[$other->id] = [
                'pieces' => '' === trim($other->pieces)
                    ? null
                    : $this->wholeNumber($other->pieces, "meat.others.$k.pieces", Range::pieces(), $problems),
                'thicknessCm' => '' === trim($other->thickness)
                    ? null
                    : TypedQuantity::centimetres($other->thickness, "meat.others.$k.thickness", $problems),
            ];
        }

        return $said;
    }

    /**
     * @param list<Ingredient> $understood
     * @param list<string>     $refused
     *
     * @return array{list<Ingredient>, list<Either>} with what the cook takes of what the recipe leaves open, and what that is
     */
    private function chosen(array $understood, array $refused): array
    {
        $chosen = $left = [];
        foreach ($understood as $ingredient) {
            $either = Either::of($ingredient, $this->reader);
            $chosen[] = match (true) {
                null === $either => $ingredient,
                \in_array($either->key(), $refused, true) => $either->other,
                default => $either->first,
            };
            array_push($left, ...(null === $either ? [] : [$either]));
        }

        return [$chosen, $left];
    }

    private function handling(HandlingDraft $draft, Dish $dish, \DateTimeZone $zone, Problems $problems): Handling
    {
        $lids = [];
        foreach ($draft->lids as $k => $typed) {
            $hours = '' === trim($typed) ? null : TypedQuantity::hours($typed, "handling.lids.$k", $problems);
            if (null !== $hours && $problems->within(Range::horizonHours(), $hours, "handling.lids.$k")) {
                $lids[] = $hours;
            }
        }
        sort($lids);
        $start = '' === $draft->start ? null : self::moment($draft->start, $zone);
        if ('' !== $draft->start && null === $start) {
            $problems->add('start-not-understood', 'handling.start');
        }

        return new Handling(
            Effort::tryFrom($draft->effort) ?? Effort::Full, $draft->hotLiquid, $draft->warmInsert,
            LayerOrder::tryFrom($draft->layers) ?? LayerOrder::RootsUnder, $lids, $start, $draft->nightBefore, $draft->mixBefore,
            $draft->saltBefore,
            $this->hours($draft->high, 'handling.high', Range::highHours(), $problems)
                ?? $dish->slowCookerWay()?->hoursOnHighFirst() ?? Handling::USUAL_HIGH_HOURS,
            $this->hours($draft->delay, 'handling.delay', Range::delayHours(), $problems) ?? 0.0,
            60 * ($this->hours(
                preg_match('/^\s*\d+\s*$/', $draft->late) ? "$draft->late min" : $draft->late, 'handling.late', Range::lateHours(),
                $problems,
            ) ?? 0.0));
    }

    /** @param list<Ingredient> $understood */
    private function beforehand(BraiseDraft $draft, array $understood, Problems $problems): Beforehand
    {
        $meat = $draft->meat;
        $frozen = [] !== array_filter($understood, static fn (Ingredient $i): bool => \in_array(Doubt::Frozen, $i->doubts, true))
            || [] !== array_filter(
                $draft->steps, static fn (StepDraft $s): bool => HazardReader::cooksFrozen($s->source),
            );
        $since = $this->hours(
            preg_match('/^\s*\d+\s*$/', $meat->since) ? "$meat->since min" : $meat->since, 'meat.since', Range::horizonHours(), $problems,
        );
        $why = WhyWarm::tryFrom($meat->why);
        if (null === $why && '' !== $meat->why) {
            $problems->add('unknown-choice', 'meat.why', ['typed' => $meat->why]);
        }

        $isFrozen = ($frozen && !$meat->thawed) || self::isIcy($meat);

        return new Beforehand($isFrozen, $why, null === $since ? null : Duration::hours($since), $isFrozen && $meat->thaws);
    }

    /** A start below freezing: the pot is followed as if it were just thawed, and the cook told what to do. */
    public static function isIcy(MeatDraft $meat): bool
    {
        return (TypedQuantity::celsius($meat->start, '', new Problems()) ?? 0.0) < Range::startCelsius()->least;
    }

    /** Hours at 90 °C. */
    private function longer(string $typed, Problems $problems): float
    {
        $hours = TypedQuantity::hoursMoreOrLess($typed, 'meat.longer', $problems) ?? 0.0;

        return $problems->within(Range::longerHours(), abs($hours), 'meat.longer') ? $hours : 0.0;
    }

    /** Null where nothing is typed, or nothing that is right. */
    private function hours(string $typed, string $path, Range $range, Problems $problems): ?float
    {
        $hours = '' === trim($typed) ? null : TypedQuantity::hours($typed, $path, $problems);

        return null !== $hours && $problems->within($range, $hours, $path) ? $hours : null;
    }

    /**
     * What isn't understood is said, and left out: the rest can still be worked out.
     *
     * @param list<LedgerAmount> $typed
     *
     * @return array<string, float> mL by key
     */
    private function amounts(array $typed, Problems $problems): array
    {
        $amounts = [];
        foreach ($typed as $one) {
            $millilitres = TypedQuantity::millilitres($one->typed, "amounts.$one->key", $problems);
            if (null !== $millilitres && $problems->within(Range::liquidMillilitres(), $millilitres, "amounts.$one->key")) {
                $amounts[$one->key] = $millilitres;
            }
        }

        return $amounts;
    }

    private function wholeNumber(string $typed, string $path, Range $range, Problems $problems): ?int
    {
        if (!preg_match('/^\s*\d{1,4}\s*$/', $typed)) {
            $problems->add('number-not-understood', $path, ['typed' => mb_substr($typed, 0, 40)]);

            return null;
        }

        return $problems->within($range, (float) $typed, $path) ? (int) $typed : null;
    }

    private function original(BraiseDraft $draft, Problems $problems): ?OriginalMethod
    {
        if ('' === trim($draft->original->hours)) {
            return null;
        }
        $method = $this->choice(Method::class, $draft->original->method, 'original.method', $problems);
        $hours = TypedQuantity::hours($draft->original->hours, 'original.hours', $problems);
        $oven = '' === trim($draft->original->oven) ? null : TypedQuantity::celsius($draft->original->oven, 'original.oven', $problems);
        if (null === $method || null === $hours || !$problems->within(Range::horizonHours(), $hours, 'original.hours')
            || (null !== $oven && !$problems->within(Range::ovenCelsius(), $oven, 'original.oven'))) {
            return null;
        }

        return new OriginalMethod($method, $hours, $oven);
    }

    /** @return array{Joint|null, Mass, Knowledge|null} the meat without its bone, the bone, and what is known of meat and cooker */
    private function meat(BraiseDraft $draft, Problems $problems): array
    {
        $meat = $draft->meat;
        $cut = $this->cuts->find($meat->cut);
        if (null === $cut) {
            $problems->add('unknown-cut', 'meat.cut');
        }
        $kilograms = TypedQuantity::kilograms($meat->weight, 'meat.weight', $problems);
        $pieces = $this->wholeNumber($meat->pieces, 'meat.pieces', Range::pieces(), $problems);
        $thickness = '' === trim($meat->thickness) ? null : TypedQuantity::centimetres($meat->thickness, 'meat.thickness', $problems);
        $start = TypedQuantity::celsius($meat->start, 'meat.start', $problems);
        $start = null === $start || !self::isIcy($meat) ? $start : Range::startCelsius()->least;
        if (null === $cut || null === $kilograms || null === $pieces || null === $start
            || ('' !== trim($meat->thickness) && null === $thickness)) {
            return [null, Mass::kilograms(0), null];
        }
        $found = new Problems();
        $known = new Knowledge($this->learned->belief(), $draft->cookerId, $cut, null !== $thickness);
        $joint = Joint::tryFrom($cut, $kilograms * (1 - $cut->bone), $pieces, $thickness, $start, null, $found, $known->needSigma());
        $joint = $joint?->needing($joint->needHours * $known->needFactor());
        foreach ($found->all() as $problem) {
            $problems->add($problem->code, match ($problem->path) {
                'meat.kg' => 'meat.weight',
                'meat.thicknessCm' => 'meat.thickness',
                'meat.startTemperature' => 'meat.start',
                default => $problem->path,
            }, $problem->variables);
        }

        return [$joint, null === $joint ? Mass::kilograms(0) : Mass::kilograms($kilograms * $cut->bone), $known];
    }

    /** Of what is chilled: a day or two later; null where it is eaten from the pot. */
    private function eatenOn(string $typed, \DateTimeZone $zone, ?\DateTimeImmutable $serveAt, Problems $problems): ?\DateTimeImmutable
    {
        if ('' === trim($typed) || null === $serveAt) {
            return null;
        }
        $at = self::moment($typed, $zone, true);
        $code = match (true) {
            null === $at => 'eaten-on-not-understood',
            $at <= $serveAt->modify('+'.self::LEAST_CHILLED_HOURS.' hours') => 'eaten-on-too-soon',
            $at > $serveAt->modify('+'.self::MOST_CHILLED_DAYS.' days') => 'eaten-on-too-late',
            default => null,
        };
        null === $code || $problems->add($code, 'handling.eatenOn', ['hours' => self::LEAST_CHILLED_HOURS,
            'days' => self::MOST_CHILLED_DAYS]);

        return null === $code ? $at : null;
    }

    private function serveAt(string $typed, \DateTimeZone $zone, \DateTimeImmutable $now, Problems $problems): ?\DateTimeImmutable
    {
        $at = self::moment($typed, $zone, true);
        $code = match (true) {
            null === $at => 'serve-not-understood',
            $at <= $now => 'serve-in-the-past',
            $at > $now->modify('+'.self::FARTHEST_DAYS.' days') => 'serve-too-far',
            default => null,
        };
        if (null !== $code) {
            $problems->add($code, 'serveAt');

            return null;
        }

        return $at;
    }

    /**
     * Who is there when: their habits, and what is otherwise on the day.
     *
     * @param list<AwayDraft> $away
     */
    private function kitchen(
        array $away, HouseRecord $house, \DateTimeImmutable $now, \DateTimeImmutable $serveAt, Problems $problems,
    ): Kitchen {
        $stays = array_fill_keys(array_column($house->people, 'id'), []);
        foreach ($away as $k => $one) {
            $from = self::moment($one->from, $house->zone());
            $to = self::moment($one->to, $house->zone(), true);
            $everybody = '' === $one->who ? array_keys($stays) : array_intersect(array_keys($stays), [$one->who]);
            if (null === $from || null === $to) {
                $problems->add('away-not-understood', "away.$k");
            } elseif ($to <= $from) {
                $problems->add('away-backwards', "away.$k");
            } elseif ([] === $everybody) {
                $problems->add('away-who-unknown', "away.$k");
            } else {
                foreach ($everybody as $id) {
                    $stays[$id][] = new Stay(new Interval($from, $to), Whereabouts::tryFrom($one->what) ?? Whereabouts::Away);
                }
            }
        }
        $persons = [];
        foreach ($house->people as $person) {
            $habits = TypedHabits::read($person['habits'], '', new Problems());
            $persons[] = new Person(
                $person['id'], $person['name'],
                Presence::usual($habits, $stays[$person['id']], $house->bedtime, $house->rises, $now, $serveAt->modify('+1 day')),
            );
        }
        \assert([] !== $persons);

        return new Kitchen(
            new People($persons), $house->rings, $house->oven ? 1 : 0,
            array_map(static fn (float $cm): Length => Length::centimetres($cm), $house->pans),
        );
    }

    /**
     * A local moment, YYYY-MM-DDT and a time as typed; null where it isn't one.
     *
     * @param bool $evening seven is seven in the evening
     */
    public static function moment(string $typed, \DateTimeZone $zone, bool $evening = false): ?\DateTimeImmutable
    {
        [$day, $written] = [...explode('T', $typed, 2), ''];
        $time = TypedTime::of($written, $evening);
        $at = null === $time ? false : \DateTimeImmutable::createFromFormat('!Y-m-d H:i', "$day $time", $zone);

        return false === $at || $day !== $at->format('Y-m-d') ? null : $at;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    private function choice(string $enum, string $value, string $path, Problems $problems): ?\BackedEnum
    {
        $found = $enum::tryFrom($value);
        if (null === $found) {
            $problems->add('unknown-choice', $path, ['typed' => $value]);
        }

        return $found;
    }
}
