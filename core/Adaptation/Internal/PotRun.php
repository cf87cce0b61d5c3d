<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Internal;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\LoadedPot;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SettingOutcome;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Explain\Sum;
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
use Pausis\Core\Tenderness\Doneness;

/** What goes into the pot, and what one way of running the cooker comes to. */
final readonly class PotRun
{
    private const INSERT_CELSIUS = 20.0;
    private const WARMED_INSERT_CELSIUS = 50.0;
    /** Poured in at the boil, it is this warm when it has reached the pot. */
    private const HOT_CELSIUS = 88.0;
    /** The spread of a changed pot may be somewhat narrower. */
    private const HOPE = 0.95;
    /** A quick look, minutes. */
    private const LOOK_MINUTES = 2.0;
    private const FRIDGE_CELSIUS = 5.0;
    private const ROOM_STORED_CELSIUS = 20.0;
    /** What is fried or boiled in the pan goes in hot, but cools on the way. */
    private const FROM_THE_PAN_CELSIUS = 60.0;
    private const BONE_HEAT = 1700.0;       // J/kg·K

    public function __construct(private Simulation $simulation)
    {
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
        $best = fn (SaucePlan $sauce): Course => $this->simulation->run($setup($sauce), new Deviation(), AdaptBraise::HORIZON, traced: true);

        // What evaporates depends on the load, and the load on what evaporates: twice is enough for a kitchen measure.
        $end = new PotEnd($boil - 5, 3.0, 100.0);
        $sauce = $solve($end);
        for ($i = 0; $i < 2; ++$i) {
            $end = self::endOf($best($sauce), $order->texture);
            $sauce = $solve($end);
        }

        return new LoadedPot($order, $setup($sauce), $geometry, $sauce, $end, $best($sauce));
    }

    public function outcome(BraiseOrder $order, ProgramChoice $choice): SettingOutcome
    {
        $pot = $this->load($order, $choice);
        $run = Ensemble::draw(Spread::of($order->joint, $order->cooker))->run($this->simulation, $pot->setup, AdaptBraise::HORIZON);
        $windows = [];
        foreach (Doneness::cases() as $level) {
            $windows[$level->value] = $run->doneness($level);
        }
        $planned = $run->doneness($order->texture, $order->sureness->share());
        $before = $pot->before();
        $finish = $pot->finish();
        $day = SettingOutcome::day($order, $pot->setup->program, $planned, $windows[Doneness::Past->value], $run->coreSafe(),
            new BackwardPlan($order->now, $order->serveAt, $order->kitchen->people, HandsOn::lead($before), $finish->total));
        $depth = $order->cooker->depth()->metres;
        $fridgeTo60 = Rules::fridgeTo60($run->core60(), $run->pot60(), HandsOn::outOfFridge($before) + $order->beforehand->onTheCounter()->inMinutes());
        $unsafe = self::refusals($order, $before)[0] ?? Rules::heatingUp($fridgeTo60) ?? self::cooksOnWarm($pot, $planned);

        return new SettingOutcome($choice, $windows, $run->core60(), $run->pot60(), $pot->best, $pot->sauce,
            SaltBalance::of($order->potIngredients(), $order->joint, $pot->sauce, $pot->end->evaporatedGrams, $order->saltAimPercent, !$order->choices->refuses('hold-salt')), $pot->geometry,
            $pot->geometry->fill($pot->sauce->load),
            [$pot->geometry->level($pot->sauce->load) / $depth, $pot->geometry->level(max(0.0, $pot->sauce->atEnd->total)) / $depth],
            $before, $finish, $fridgeTo60, $unsafe, $day, $run->coreSafe(), $this->lookMinutes($pot, $windows[$order->texture->value]->likely), $planned);
    }

    /** Whether the best guess would fit the day, with about the spread of $like: most that won't are seen without an ensemble. */
    public function couldWork(BraiseOrder $order, ProgramChoice $choice, SettingOutcome $like): bool
    {
        $pot = $this->load($order, $choice);
        $known = $like->planned;
        $spread = null === $known->latest || null === $known->likely ? 1.0 : max(1.0, self::HOPE * $known->latest / $known->likely);
        $hours = array_combine(array_map(static fn (Doneness $d): string => $d->value, Doneness::cases()), $pot->best->doneness);
        $window = static fn (float $at): Window => is_finite($at) ? new Window($at, $at, $spread * $at) : new Window(null, null, null);

        return (new BackwardPlan($order->now, $order->serveAt, $order->kitchen->people, HandsOn::lead($pot->before()), $pot->finish()->total))
            ->solve($pot->setup->program, $window($hours[$order->texture->value]), $window($hours[Doneness::Past->value]), 0.0, $order->handling->switchOn) instanceof DayPlan;
    }

    public static function delay(BraiseOrder $order, Sum $before): ?Finding
    {
        $cold = $order->handling->isCold() && null === $order->beforehand->why && null === Rules::start($order->joint->start, $order->beforehand);
        $out = HandsOn::beforeLoading($before) + $order->beforehand->onTheCounter()->inMinutes();

        return Rules::delayedStart(Duration::hours($order->handling->delayHours), $cold, $order->room->temperature, Duration::minutes($out));
    }

    /**
     * What must not be done on whatever setting.
     *
     * @param Sum $before minutes of work before switching on
     *
     * @return list<Finding>
     */
    public static function refusals(BraiseOrder $order, Sum $before): array
    {
        $out = Duration::minutes(HandsOn::outOfFridge($before) + $order->beforehand->onTheCounter()->inMinutes());
        $found = [Rules::start($order->joint->start, $order->beforehand), self::delay($order, $before), Rules::onTheCounter($out, $order->room->temperature)];

        return array_values(array_filter($found, static fn (?Finding $f): bool => true === $f?->forbids()));
    }

    /** Where the meat may still be tough when the cooker turns itself to Warm, or Warm is too cool in this room. */
    private static function cooksOnWarm(LoadedPot $pot, Window $planned): ?Finding
    {
        $warm = $pot->setup->program->warmFrom();
        if (null === $warm) {
            return null;
        }
        $coolest = \INF;
        foreach ($pot->best->trace as $row) {
            $coolest = $row[0] > $warm->inHours() ? min($coolest, $row[1]) : $coolest;
        }

        return Rules::onWarm(Duration::seconds(0), Temperature::celsius(is_finite($coolest) ? $coolest : Rules::HOLDING_CELSIUS), null !== $planned->latest && $planned->latest <= $warm->inHours());
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
        $difference = $this->simulation->run($other, new Deviation(), AdaptBraise::HORIZON)->doneness[$level] - $pot->best->doneness[$level];

        return is_finite($difference) ? 60 * abs($difference) : 0.0;
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

    public static function endOf(Course $best, Doneness $texture): PotEnd
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
}
