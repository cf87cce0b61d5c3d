<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Finish\Reduction;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\PotEnd;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;
use Pausis\Core\Tenderness\Doneness;

/** Recipe, meat, cooker and day in; hours, liquid, salt, clock times and cautions out. */
final readonly class AdaptBraise
{
    /** The longest cook that is looked at, hours. */
    public const HORIZON = 20.0;
    private const INSERT_CELSIUS = 20.0;
    private const WARMED_INSERT_CELSIUS = 50.0;
    /** Poured in at the boil, it is this warm when it has reached the pot. */
    private const HOT_CELSIUS = 88.0;
    /** Done by then, a braise cools and is in the fridge the evening before it is eaten. */
    private const EVENING_BEFORE = '21:00';
    /** Hours by which a timer may start it later; two is the most that is safe. */
    private const DELAYS = [1.0, 2.0];
    private const MOST_WAYS = 4;
    /** The spread of a changed pot may be somewhat narrower. */
    private const HOPE = 0.95;
    /** A quick look, minutes. */
    private const LOOK_MINUTES = 2.0;
    private const FRIDGE_CELSIUS = 5.0;
    private const ROOM_STORED_CELSIUS = 20.0;
    /** What is fried or boiled in the pan goes in hot, but cools on the way. */
    private const FROM_THE_PAN_CELSIUS = 60.0;
    private const BONE_HEAT = 1700.0;       // J/kg·K

    public function __construct(private Simulation $simulation = new Simulation())
    {
    }

    public function adapt(BraiseOrder $order): AdaptedBraise
    {
        $low = $this->outcome($order, ProgramChoice::Low);
        $high = $this->outcome($order, ProgramChoice::High);
        $outcomes = $order->cooker->hasMedium ? [$low, $this->outcome($order, ProgramChoice::Medium), $high] : [$low, $high];
        if ((null !== $low->unsafe && null === $high->unsafe) || ProgramChoice::HighThenLow === $order->choice) {
            $outcomes[] = $this->outcome($order, ProgramChoice::HighThenLow);
        }
        $chosen = $this->choose($outcomes, $order->choice);
        $left = $chosen->sauce->reduce > 0 ? $chosen->sauce->target : max($chosen->sauce->target, $chosen->sauce->atEnd->total);
        $offered = Slurry::for($left, $order->thickness, $order->thickener, self::thickenedAlready($order));
        $slurry = $order->choices->refuses('thicken') ? Slurry::for($left, Thickness::Stock, $order->thickener) : $offered;
        $method = new AdaptedMethod($order, $chosen, $slurry);

        return new AdaptedBraise($order, $outcomes, $chosen, $slurry,
            [...(new Changes($order, $chosen, $offered))->all(), ...$method->changes()], $this->findings($order, $chosen, $outcomes), $method->steps(), $this->levels($order, $chosen), $this->waysOut($order, $chosen, $outcomes));
    }

    /** What goes into the pot for one way of running the cooker. */
    public function load(BraiseOrder $order, ProgramChoice $choice): LoadedPot
    {
        $ingredients = $order->potIngredients();
        $program = $choice->program($order->cooker, $order->handling);
        $geometry = self::geometry($order);
        $balance = new SauceBalance($ingredients, $order->serves, $order->recipeBoilsWine, $order->choices->liquids($ingredients, Effort::Cold !== $order->handling->effort));
        $boil = $order->room->boilingPoint()->celsius;
        $solve = static fn (PotEnd $end): SaucePlan => $balance->solve($order->joint, $order->recipeMeatScale(), $order->original, $boil, $geometry, $order->level, $end);
        $setup = static fn (SaucePlan $sauce): Setup => new Setup($order->cooker, $order->room, Temperature::celsius($order->handling->warmInsert ? self::WARMED_INSERT_CELSIUS : self::INSERT_CELSIUS),
            $order->joint, self::contents($order, $ingredients, $sauce), $program, self::looks($order->handling->lidLifts));
        $best = fn (SaucePlan $sauce): Course => $this->simulation->run($setup($sauce), new Deviation(), self::HORIZON, traced: true);

        // What evaporates depends on the load, and the load on what evaporates: twice is enough for a kitchen measure.
        $end = new PotEnd($boil - 5, 3.0, 100.0);
        $sauce = $solve($end);
        for ($i = 0; $i < 2; ++$i) {
            $end = self::endOf($best($sauce), $order->texture);
            $sauce = $solve($end);
        }

        return new LoadedPot($order, $setup($sauce), $geometry, $sauce, $end, $best($sauce));
    }

    private function outcome(BraiseOrder $order, ProgramChoice $choice): SettingOutcome
    {
        $pot = $this->load($order, $choice);
        $run = Ensemble::draw(Spread::of($order->joint, $order->cooker))->run($this->simulation, $pot->setup, self::HORIZON);
        $windows = [];
        foreach (Doneness::cases() as $level) {
            $windows[$level->value] = $run->doneness($level);
        }
        $planned = $run->doneness($order->texture, $order->sureness->share());
        $before = $pot->before();
        $finish = $pot->finish();
        $day = (new BackwardPlan($order->now, $order->serveAt, $order->kitchen->people, HandsOn::lead($before), $finish->total))
            ->solve($pot->setup->program, $planned, $windows[Doneness::Past->value], $order->handling->switchOn);
        $depth = $order->cooker->depth()->metres;
        $fridgeTo60 = Rules::fridgeTo60($run->core60(), $run->pot60(), HandsOn::outOfFridge($before));

        return new SettingOutcome($choice, $windows, $run->core60(), $run->pot60(), $pot->best, $pot->sauce,
            SaltBalance::of($order->potIngredients(), $order->joint, $pot->sauce, $pot->end->evaporatedGrams, $order->saltAimPercent, !$order->choices->refuses('hold-salt')), $pot->geometry,
            $pot->geometry->fill($pot->sauce->load),
            [$pot->geometry->level($pot->sauce->load) / $depth, $pot->geometry->level(max(0.0, $pot->sauce->atEnd->total)) / $depth],
            $before, $finish, $fridgeTo60, self::refusedDelay($order) ?? Rules::heatingUp($fridgeTo60), $day, $this->lookMinutes($pot, $windows[$order->texture->value]->likely), $planned);
    }

    private static function delay(BraiseOrder $order): ?Finding
    {
        return Rules::delayedStart(Duration::hours($order->handling->delayHours), $order->handling->isCold());
    }

    private static function refusedDelay(BraiseOrder $order): ?Finding
    {
        $finding = self::delay($order);

        return Severity::Refuse === $finding?->severity ? $finding : null;
    }

    /**
     * @param list<float> $hours
     *
     * @return list<LidLift>
     */
    private static function looks(array $hours): array
    {
        return array_map(static fn (float $hour): LidLift => new LidLift(Duration::hours($hour), Duration::minutes(self::LOOK_MINUTES)), $hours);
    }

    /** Minutes that the looks that are planned cost, or where there are none, that one in the middle would. */
    private function lookMinutes(LoadedPot $pot, ?float $likely): float
    {
        $planned = $pot->order->handling->lidLifts;
        if (null === $likely) {
            return 0.0;
        }
        $level = (int) array_search($pot->order->texture, Doneness::cases(), true);
        $other = $pot->setup->running($pot->setup->program, [] === $planned ? self::looks([$likely / 2]) : []);
        $difference = $this->simulation->run($other, new Deviation(), self::HORIZON)->doneness[$level] - $pot->best->doneness[$level];

        return is_finite($difference) ? 60 * abs($difference) : 0.0;
    }

    /** @return list<LevelCost> what each school would cost, in the pot as it is run */
    private function levels(BraiseOrder $order, SettingOutcome $chosen): array
    {
        $costs = [];
        $end = self::endOf($chosen->best, $order->texture);
        $ingredients = $order->potIngredients();
        $balance = new SauceBalance($ingredients, $order->serves, $order->recipeBoilsWine, $order->choices->liquids($ingredients, Effort::Cold !== $order->handling->effort));
        foreach (LevelSchool::cases() as $school) {
            $sauce = $balance->solve($order->joint, $order->recipeMeatScale(), $order->original, $order->room->boilingPoint()->celsius, $chosen->geometry, $school, $end);
            $salt = SaltBalance::of($ingredients, $order->joint, $sauce, $end->evaporatedGrams, $order->saltAimPercent);
            $costs[] = new LevelCost($school, $sauce->load, $chosen->geometry->level($sauce->load), $chosen->geometry->fill($sauce->load), $sauce->reduce,
                $sauce->reduce > 0 ? Reduction::timeFor($sauce->reduce, $order->kitchen->pan())->inMinutes() : 0.0, $salt->percentAfter);
        }

        return $costs;
    }

    private static function geometry(BraiseOrder $order): PotGeometry
    {
        $grams = 0.0;
        foreach ($order->potIngredients() as $i) {
            $grams += \in_array($i->role, [Role::Vegetable, Role::Fruit, Role::Pulse, Role::Grain, Role::Aromatic], true) ? (float) $i->grams : 0.0;
        }

        return new PotGeometry($order->cooker, $order->joint, $grams / 1000, $order->handling->layers);
    }

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return list<Content>
     */
    private static function contents(BraiseOrder $order, array $ingredients, SaucePlan $sauce): array
    {
        $contents = [];
        $base = Effort::Full === $order->handling->effort ? self::FROM_THE_PAN_CELSIUS : self::FRIDGE_CELSIUS;
        foreach ($sauce->changes as $change) {
            $celsius = match (true) {
                $order->handling->hotLiquid => self::HOT_CELSIUS,
                $change->loaded < $change->poured => self::FROM_THE_PAN_CELSIUS,
                default => self::ROOM_STORED_CELSIUS,
            };
            $contents[] = new Content(Mass::grams($change->loaded), $change->ingredient?->food?->specificHeat() ?? Role::Liquid->specificHeat(), Temperature::celsius($celsius));
        }
        foreach ($ingredients as $i) {
            if (!$i->role->isPoured() && Role::Tool !== $i->role && null !== $i->grams) {
                $celsius = \in_array($i->role, [Role::Vegetable, Role::Aromatic, Role::Fat], true) ? $base
                    : (\in_array($i->role, [Role::Fruit, Role::Herb], true) ? self::FRIDGE_CELSIUS : self::ROOM_STORED_CELSIUS);
                $contents[] = new Content(Mass::grams($i->grams), $i->food?->specificHeat() ?? $i->role->specificHeat(), Temperature::celsius($celsius));
            }
        }
        if ($order->bone->kilograms > 0) {
            $contents[] = new Content($order->bone, self::BONE_HEAT, $order->joint->start);
        }

        return $contents;
    }

    private static function endOf(Course $best, Doneness $texture): PotEnd
    {
        $at = $best->doneness[(int) array_search($texture, Doneness::cases(), true)];
        $end = $best->trace[0];
        $above = 0.0;
        foreach ($best->trace as $k => $row) {
            if ($row[0] > $at) {
                break;
            }
            $above += $k > 0 && $row[2] > 90 ? $row[0] - $best->trace[$k - 1][0] : 0.0;
            $end = $row;
        }

        return new PotEnd($end[2], $above, $end[4]);
    }

    private static function doseAt(Course $best, float $hour): float
    {
        $dose = 0.0;
        foreach ($best->trace as $row) {
            if ($row[0] > $hour) {
                break;
            }
            $dose = $row[3];
        }

        return $dose;
    }

    /**
     * The cook's choice; otherwise what is safe and works, keeps the meat from going past its best, and holds it shortest.
     *
     * @param non-empty-list<SettingOutcome> $outcomes
     */
    private function choose(array $outcomes, ?ProgramChoice $wanted): SettingOutcome
    {
        foreach ($outcomes as $outcome) {
            if ($outcome->choice === $wanted) {
                return $outcome;
            }
        }
        usort($outcomes, static fn (SettingOutcome $a, SettingOutcome $b): int => self::rank($a) <=> self::rank($b));

        return $outcomes[0];
    }

    /** @return array{int, int, int, float} the smaller the better */
    private static function rank(SettingOutcome $outcome): array
    {
        $day = $outcome->day;

        return [
            null === $outcome->unsafe ? 0 : 1,
            $day instanceof DayPlan ? 0 : 1,
            $day instanceof DayPlan && $day->pastBest ? 1 : 0,
            $day instanceof DayPlan ? $day->holdMinutes : (float) ($day->serveFrom?->getTimestamp() ?? \PHP_INT_MAX),
        ];
    }

    /** Grams of corn starch that flour, tomato paste and the like in the pot stand for. */
    public static function thickenedAlready(BraiseOrder $order): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams * ($i->food->thick ?? 0.0), $order->potIngredients()));
    }

    /**
     * @param list<SettingOutcome> $outcomes
     *
     * @return list<Finding>
     */
    private function findings(BraiseOrder $order, SettingOutcome $chosen, array $outcomes): array
    {
        $findings = array_map(fn (Finding $f): Finding => $this->madeToFit($order, $f), Rules::room($chosen->geometry, $order->joint, $chosen->sauce->load));
        $delay = self::delay($order);
        if (Severity::Warn === $delay?->severity) {
            $findings[] = $delay;
        }
        if (null !== $chosen->unsafe && self::refusedDelay($order) == $chosen->unsafe) {
            $findings[] = $chosen->unsafe->remediedBy('no-delay');
        } elseif (null !== $chosen->unsafe) {
            $findings[] = $this->withRemedy($order, $chosen->unsafe, $outcomes);
        }
        $day = $chosen->day;
        if ($day instanceof DayPlan && $day->pastBest) {
            $findings[] = $this->heldShorter(new Finding('past-best-before-serving', Severity::Warn, ['holdMinutes' => $day->holdMinutes]), $outcomes);
        }
        if ($day instanceof DayPlan) {
            $served = ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600;
            $findings[] = Rules::leanHeld($order->joint, self::doseAt($chosen->best, $served));
        }
        $findings = array_values(array_filter($findings));
        array_push($findings, ...self::shortcuts($order));
        foreach (Rules::contents($order->joint, $chosen->geometry->shareCovered($chosen->sauce->load), $order->potIngredients()) as $finding) {
            $findings[] = 'lean-in-own-juices' === $finding->rule ? $finding->remediedBy('level-'.LevelSchool::Third->value) : $finding;
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }

    /**
     * Ways out of a day on which the braise itself can't be done, each of them planned.
     *
     * @param list<SettingOutcome> $outcomes
     *
     * @return list<WayOut>
     */
    private function waysOut(BraiseOrder $order, SettingOutcome $chosen, array $outcomes): array
    {
        if (!$chosen->day instanceof Clash) {
            return [];
        }
        $ways = [];
        foreach ($outcomes as $other) {
            if ($other->works()) {
                $ways[] = new WayOut('setting', $other->choice->value);
                break;
            }
        }
        foreach ([2, 4] as $parts) {
            $cut = $order->withJoint($order->joint->cutInto($parts));
            if ([] === $ways && $this->couldWork($cut, ProgramChoice::High, $chosen) && $this->outcome($cut, ProgramChoice::High)->works()) {
                $ways[] = new WayOut('cut', (string) $parts);
            }
        }
        array_push($ways, ...$this->otherHandling($order, $chosen, [] === $ways));
        foreach ($outcomes as $outcome) {
            $evening = $order->serveAt->modify('-1 day')->modify(self::EVENING_BEFORE);
            if (null === $outcome->unsafe && $outcome->planFor($order->handled($order->handling->startedAt(null)), $evening) instanceof DayPlan) {
                $ways[] = new WayOut('day-before', $outcome->choice->value);
                break;
            }
        }
        $ways = \array_slice($ways, 0, self::MOST_WAYS - 1);

        return null === $chosen->day->serveFrom ? $ways : [...$ways, new WayOut('serve-from', '')];
    }

    /**
     * Where there is no time to load: what can be done the evening before, or a timer that starts the pot later.
     *
     * @return list<WayOut>
     */
    private function otherHandling(BraiseOrder $order, SettingOutcome $chosen, bool $nothingElse): array
    {
        if (!$chosen->day instanceof Clash || ClashReason::NoTimeToLoad !== $chosen->day->reason) {
            return [];
        }
        $ways = [];
        $evening = $order->handled($order->handling->eveningBefore());
        $before = HandsOn::before($order->potIngredients(), $order->joint, $chosen->sauce, $order->kitchen->pan(), $evening->handling->preparation());
        if (null === $chosen->unsafe && $before->total < $chosen->before->total && $chosen->after($before)->planFor($evening, $order->serveAt) instanceof DayPlan) {
            $ways[] = new WayOut('evening-work', '');
        }
        foreach ([] === $ways && ($nothingElse || null !== $order->choice) && 0.0 === $order->handling->delayHours ? self::DELAYS : [] as $hours) {
            $delayed = $order->handled($order->handling->delayed($hours));
            if ($this->couldWork($delayed, $chosen->choice, $chosen) && $this->outcome($delayed, $chosen->choice)->works()) {
                $ways[] = new WayOut('delay', (string) $hours);
                break;
            }
        }

        return $ways;
    }

    /** Whether the best guess would fit the day, with about the spread of $like: most that won't are seen without an ensemble. */
    private function couldWork(BraiseOrder $order, ProgramChoice $choice, SettingOutcome $like): bool
    {
        $pot = $this->load($order, $choice);
        $known = $like->planned;
        $spread = null === $known->latest || null === $known->likely ? 1.0 : max(1.0, self::HOPE * $known->latest / $known->likely);
        $hours = array_combine(array_map(static fn (Doneness $d): string => $d->value, Doneness::cases()), $pot->best->doneness);
        $window = static fn (float $at): Window => is_finite($at) ? new Window($at, $at, $spread * $at) : new Window(null, null, null);

        return (new BackwardPlan($order->now, $order->serveAt, $order->kitchen->people, HandsOn::lead($pot->before()), $pot->finish()->total))
            ->solve($pot->setup->program, $window($hours[$order->texture->value]), $window($hours[Doneness::Past->value]), $order->handling->switchOn) instanceof DayPlan;
    }

    /** @return list<Finding> what leaving out the pan costs */
    private static function shortcuts(BraiseOrder $order): array
    {
        $findings = [];
        if (Effort::Cold === $order->handling->effort) {
            foreach ($order->potIngredients() as $i) {
                if (($i->food->alcohol ?? 0.0) > 0 && $i->role->isPoured()) {
                    $findings[] = (new Finding('raw-wine', Severity::Warn, ['food' => $i->foodText]))->remediedBy('effort-'.Effort::Meat->value);
                    break;
                }
            }
        }
        if (LayerOrder::MeatUnder === $order->handling->layers) {
            $findings[] = new Finding('roots-on-top', Severity::Note);
        }

        return $findings;
    }

    /** What is too full or doesn't fit, with the first smaller cut or lower level that the geometry confirms. */
    private function madeToFit(BraiseOrder $order, Finding $finding): Finding
    {
        if (Severity::Refuse !== $finding->severity) {
            return $finding;
        }
        $low = $order->atLevel(LevelSchool::OwnJuices);
        $tries = ['level-'.LevelSchool::OwnJuices->value => $low];
        foreach ([2, 4] as $parts) {
            $tries["cut-in-$parts"] = $order->withJoint($order->joint->cutInto($parts));
        }
        foreach ($tries as $remedy => $changed) {
            $outcome = $this->outcome($changed, ProgramChoice::High);
            $left = Rules::room($outcome->geometry, $changed->joint, $outcome->sauce->load);
            if (!\in_array(Severity::Refuse, array_map(static fn (Finding $f): Severity => $f->severity, $left), true)) {
                return $finding->remediedBy($remedy);
            }
        }

        return $finding;
    }

    /** @param list<SettingOutcome> $outcomes */
    private function heldShorter(Finding $finding, array $outcomes): Finding
    {
        foreach ($outcomes as $outcome) {
            if ($outcome->works() && $outcome->day instanceof DayPlan && !$outcome->day->pastBest) {
                return $finding->remediedBy('setting-'.$outcome->choice->value);
            }
        }

        return $finding;
    }

    /**
     * The first way out that a run of the model confirms: another setting, or the joint cut up.
     *
     * @param list<SettingOutcome> $outcomes
     */
    private function withRemedy(BraiseOrder $order, Finding $finding, array $outcomes): Finding
    {
        foreach ($outcomes as $outcome) {
            if (null === $outcome->unsafe) {
                return $finding->remediedBy('setting-'.$outcome->choice->value);
            }
        }
        foreach ([2, 4] as $parts) {
            $cut = $order->withJoint($order->joint->cutInto($parts));
            if (null === $this->outcome($cut, ProgramChoice::High)->unsafe) {
                return $finding->remediedBy("cut-in-$parts");
            }
        }

        return $finding;
    }
}
