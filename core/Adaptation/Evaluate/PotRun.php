<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\All;
use Pausis\Core\Adaptation\Rules\Circumstances;
use Pausis\Core\Adaptation\Rules\OpenLid;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Shells;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Outcome as Ensembled;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotEnd;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Tenderness\Doneness;

/** What goes into the pot, and what one way of running the cooker comes to. */
final readonly class PotRun
{
    /** Enough to see about when the sauce is begun. */
    private const FEW_MEMBERS = 32;
    /** Of the pots, those that are at 60 °C by the time that is told: one in twenty left out holds one in ten where the model is wrong. */
    private const SAFELY = 0.95;
    private const SKETCHED_MEMBERS = 12;
    /** Hours. */
    private const LATEST_READING = 6.0;
    private const USUAL_LOOK_MINUTES = 20.0;
    private const INSERT_CELSIUS = 20.0;
    private const WARMED_INSERT_CELSIUS = 50.0;
    /** Poured in at the boil, it is this warm when it has reached the pot. */
    private const CLOSING = [Stage::Finish, Stage::Table, Stage::Later, Stage::Again];
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

    /**
     * What goes into the pot for one way of running the cooker.
     *
     * @param list<string> $larger ids of what is cut larger instead of going in late
     * @param float|null   $end    hour at which the sauce is begun, for what goes in late; null leaves that out
     */
    public function load(BraiseOrder $order, ProgramChoice $choice, array $larger = [], ?float $end = null): LoadedPot
    {
        $ingredients = $order->potIngredients();
        $program = $choice->program($order->cooker, $order->handling);
        $geometry = self::geometry($order);
        $balance = new SauceBalance(
            $ingredients, $order->recipe->serves, $order->ownBoiling(),
            $order->liquidWishes(),
        );
        $boil = $order->room->boilingPoint()->celsius;
        $late = LateFoods::of($order, $larger);
        $solve = static fn (PotEnd $end): SaucePlan => $balance->solve(
            $order->meat->all(), $order->recipeMeatScale(), $order->recipe->original, $boil, $geometry, $order->wishes->level, $end,
        );
        $insert = Temperature::celsius($order->handling->warmInsert ? self::WARMED_INSERT_CELSIUS : self::INSERT_CELSIUS);
        $first = array_values(array_filter($ingredients, static fn (Ingredient $i): bool => !isset($late[$i->key()])));
        $events = [
            ...self::lidLifts([...$order->handling->lidLifts, ...$order->recipe->dish->looks()]),
            ...(null === $end ? [] : self::additions($ingredients, $late, $end)),
        ];
        $setup = static fn (SaucePlan $sauce, Joint $joint): Setup => new Setup(
            $order->cooker, $order->room, $insert, $joint, self::contents($order, $first, $sauce, $joint), $program, $events,
        );
        $best = fn (Setup $setup): Course => $this->simulation->run($setup, new Deviation(), AdaptBraise::HORIZON, traced: true);

        // What evaporates depends on the load, and the load on what evaporates: twice is enough for a kitchen measure.
        $potEnd = new PotEnd($boil - 5, 3.0, 100.0);
        $sauce = $solve($potEnd);
        for ($i = 0; $i < 2; ++$i) {
            $potEnd = self::endOf($best($setup($sauce, $order->meat->joint)), $order->wishes->texture);
            $sauce = $solve($potEnd);
        }
        if (0.0 !== $order->toppedUp) {
            $sauce = $sauce->toppedUp($order->toppedUp, $order->liquidWishes()->reduces);
        }
        $closing = $order->closing;
        if (null !== $closing) {
            $sauce = $sauce->seen($closing->left, $closing->asPlanned ? $order->liquidWishes()->reduces : $closing->boilsDown());
        }
        $sauce = self::salt($order, $sauce, $potEnd)->limiting($sauce);
        $setups = array_map(static fn (Joint $j): Setup => $setup($sauce, $j), $order->meat->all()->all());
        $courses = array_map($best, $setups);
        [$slow, $colder] = self::slowest($courses, $order->wishes->texture);

        return new LoadedPot(
            $order, $setups[$slow], $geometry, $sauce, $potEnd, $courses[$slow],
            array_map(static fn (int $k): Setup => $setups[$k], $colder),
        );
    }

    /**
     * Which meat is tender last, and which others are at 60 °C, or safe to eat, later than that.
     *
     * @param non-empty-list<Course> $courses one a meat
     *
     * @return array{int, list<int>} by place
     */
    private static function slowest(array $courses, Doneness $texture): array
    {
        $level = (int) array_search($texture, Doneness::cases(), true);
        $last = static function (callable $hours) use ($courses): int {
            $at = array_map($hours, $courses);

            return (int) array_search(max($at), $at, true);
        };
        $slow = $last(static fn (Course $c): float => $c->doneness[$level]);
        $colder = array_filter(
            array_unique([$last(static fn (Course $c): float => $c->core60), $last(static fn (Course $c): float => $c->safeCore)]),
            static fn (int $k): bool => $k !== $slow,
        );

        return [$slow, array_values($colder)];
    }

    /** @param list<string> $larger */
    public function outcome(BraiseOrder $order, ProgramChoice $choice, array $larger = []): Outcome
    {
        $pot = $this->load($order, $choice, $larger);
        if ([] !== LateFoods::of($order, $larger)) {
            // What goes in late does so before the sauce is begun, which is when nine pots in ten are ready.
            $few = Ensemble::draw($order->spread(), self::FEW_MEMBERS)->run($this->simulation, $pot->setup, AdaptBraise::HORIZON);
            $ready = $few->doneness($order->wishes->texture, $order->wishes->sureness->share());
            $pot = $this->load($order, $choice, $larger, $ready->latest ?? $ready->likely ?? AdaptBraise::HORIZON);
        }
        $texture = $order->wishes->texture;
        $readAt = self::readingAt($pot->best, $texture);
        $run = Ensemble::draw($order->spread())->run(
            $this->simulation, $pot->setup, AdaptBraise::HORIZON, now: Duration::hours($readAt),
        );
        $windows = [];
        foreach (Doneness::cases() as $level) {
            $windows[$level->value] = $run->doneness($level);
        }
        $looks = LookCost::of($this->simulation, $pot->setup, $run, $texture);

        return $this->told(
            $pot, $choice, $larger, $windows, $run->doneness($texture, $order->wishes->sureness->share()),
            $this->heating($run, $pot, $this->lookMinutes($pot, $windows[$texture->value]->likely), $looks),
        )->helpedBy(Narrowing::most($run, $texture, $order->aids()), $readAt);
    }

    /** When a thermometer in the liquid tells most: it has levelled off, and half of the way is still to go. Hours, to the half. */
    private static function readingAt(Course $best, Doneness $texture): float
    {
        $ready = $best->doneness[(int) array_search($texture, Doneness::cases(), true)];

        return is_finite($ready) ? max(1.0, round($ready) / 2) : self::LATEST_READING;
    }

    /**
     * About what Low and High come to, in a tenth of the time: loaded once, and a normal distribution of the logarithms of the hours of a
     * few members.
     *
     * @return array{Outcome, Outcome}
     */
    public function sketches(BraiseOrder $order): array
    {
        $pot = $this->load($order, ProgramChoice::Low);

        return [$this->sketch($pot, ProgramChoice::Low), $this->sketch($pot->running(
            $setup = $pot->setup->running(ProgramChoice::High->program($order->cooker, $order->handling), $pot->setup->events),
            $this->simulation->run($setup, new Deviation(), AdaptBraise::HORIZON, traced: true),
        ), ProgramChoice::High)];
    }

    private function sketch(LoadedPot $pot, ProgramChoice $choice): Outcome
    {
        $order = $pot->order;
        $run = Ensemble::draw($order->spread(), self::SKETCHED_MEMBERS)->run($this->simulation, $pot->setup, AdaptBraise::HORIZON);
        $windows = [];
        foreach (Doneness::cases() as $level) {
            $windows[$level->value] = $run->fitted($pot->best, $level);
        }

        return $this->told(
            $pot, $choice, [], $windows, $run->fitted($pot->best, $order->wishes->texture, $order->wishes->sureness->share()),
            $this->heating($run, $pot, self::USUAL_LOOK_MINUTES, LookCost::always(self::USUAL_LOOK_MINUTES / 60)),
        );
    }

    /** As it is for the meat that heats up most slowly. */
    private function heating(Ensembled $run, LoadedPot $pot, float $lookMinutes, LookCost $test): Heating
    {
        $runs = [$run, ...array_map(
            fn (Setup $s): Ensembled => $run->otherwise($this->simulation, $s, AdaptBraise::HORIZON), $pot->colder,
        )];
        $core60 = $pot60 = $coreSafe = [];
        foreach ($runs as $one) {
            $core60[] = $one->core60(self::SAFELY);
            $pot60[] = $one->pot60();
            $coreSafe[] = $one->coreSafe();
        }

        return new Heating(Window::last(...$core60), Window::last(...$pot60), Window::last(...$coreSafe), 0.0, $lookMinutes, $test);
    }

    /**
     * @param list<string>          $larger  ids of what is cut larger instead of going in late
     * @param array<string, Window> $windows by doneness
     * @param Window                $planned of the texture wanted, its end as sure as the cook wants to be
     * @param Heating               $heating without its hours from the fridge
     */
    private function told(
        LoadedPot $pot, ProgramChoice $choice, array $larger, array $windows, Window $planned, Heating $heating,
    ): Outcome {
        $order = $pot->order;
        $in = $this->circumstances($pot, $choice, $windows[$order->wishes->texture->value], $larger, $heating->lookMinutes);
        $process = All::applied($in);
        $work = Chores::of($process, $order);
        $depth = $order->cooker->depth()->metres;
        $heating = $heating->fromTheFridge(Rules::fridgeTo60(
            $heating->core60, $heating->pot60, $work->outOfFridge() + $order->meat->beforehand->onTheCounter()->inMinutes(),
        ));
        $unsafe = self::refusals($order, $work)[0] ?? Rules::heatingUp($heating->fridgeTo60) ?? self::cooksOnWarm($pot, $planned);

        return new Outcome(
            $choice, $windows, $planned, $heating, $pot->best, $pot->sauce, $in->salt,
            new Filling(
                $pot->geometry, $pot->geometry->fill($pot->sauce->load),
                [$pot->geometry->level($pot->sauce->load) / $depth, $pot->geometry->level(max(0.0, $pot->sauce->atEnd->total)) / $depth],
            ),
            $process, $work, $order->choices->refuses('thicken') ? $in->body->slurry(0.0) : $in->offered, $unsafe,
            $pot->setup->joint,
        );
    }

    /** The same pot, its sauce closed as the order has it now: what went before stays as it was. */
    public function closed(BraiseOrder $order, Outcome $was): Outcome
    {
        $pot = $this->load($order, $was->choice);
        $ready = $was->windows[$order->wishes->texture->value];
        $in = $this->circumstances($pot, $was->choice, $ready, [], $was->heating->lookMinutes);
        $process = All::applied($in);
        $begun = array_filter($was->work->chores, static fn (Chore $c): bool => !\in_array($c->stage, self::CLOSING, true));
        $closing = array_filter(
            Chores::of($process, $order)->chores, static fn (Chore $c): bool => \in_array($c->stage, self::CLOSING, true),
        );

        return $was->closed($pot->sauce, $in->salt, $process, new Work([...array_values($begun), ...array_values($closing)]), $in->offered);
    }

    /**
     * @param Window       $ready  the texture wanted
     * @param list<string> $larger
     * @param float        $look   minutes that one look under the lid costs
     */
    public function circumstances(
        LoadedPot $pot, ProgramChoice $choice, Window $ready, array $larger = [], float $look = 0.0,
    ): Circumstances {
        $order = $pot->order;
        $sauce = $pot->sauce;
        $left = $sauce->reduce > 0 ? $sauce->left() : max($sauce->target, $sauce->atEnd->total);
        $salt = self::salt($order, $sauce, $pot->end);

        $body = SauceBody::of($order, $sauce->target);

        return new Circumstances(
            $order, $choice, $ready, $pot->best, $sauce, $salt,
            $body, $body->slurry($left), $larger, $this->openLid($pot), $look,
        );
    }

    private static function salt(BraiseOrder $order, SaucePlan $sauce, PotEnd $end): SaltBalance
    {
        return SaltBalance::of(
            $order->potIngredients(), $order->meat->all(), $sauce, $end->evaporatedGrams, $order->wishes->saltAimPercent,
            !$order->choices->refuses('hold-salt'), $order->closing?->held,
        );
    }

    /** With the lid off for the last minutes before the meat is ready, as the recipe has it; null where it has nothing of the kind. */
    private function openLid(LoadedPot $pot): ?OpenLid
    {
        $minutes = 0.0;
        foreach ($pot->order->recipe->dish->acts() as $act) {
            $minutes = ActKind::LidOff === $act->kind
                ? max($minutes, $act->when->offset?->middle() ?? $act->minutes?->middle() ?? 0.0)
                : $minutes;
        }
        $level = (int) array_search($pot->order->wishes->texture, Doneness::cases(), true);
        $at = $pot->best->doneness[$level];
        if ($minutes <= 0 || !is_finite($at) || 60 * $at <= $minutes) {
            return null;
        }
        $from = $at - $minutes / 60;
        $open = $this->simulation->run(
            $pot->setup->running($pot->setup->program, [new LidLift(Duration::hours($from), Duration::minutes($minutes))]), new Deviation(),
            $at + 0.5, traced: true,
        );
        $coolest = \INF;
        $away = 0.0;
        foreach ($open->trace as $row) {
            $coolest = $row[0] > $from && $row[0] <= $at + 0.2 ? min($coolest, $row[1]) : $coolest;
            $away = $row[0] <= $at + 0.1 ? $row[4] : $away;
        }

        return new OpenLid($minutes, max(0.0, $away - $pot->end->evaporatedGrams), $coolest);
    }

    /** The work of a pot that is on. */
    public function work(LoadedPot $pot, ProgramChoice $choice): Work
    {
        $at = $pot->best->doneness[(int) array_search($pot->order->wishes->texture, Doneness::cases(), true)];
        $ready = is_finite($at) ? new Window($at, $at, $at) : new Window(null, null, null);

        return Chores::of(All::applied($this->circumstances($pot, $choice, $ready)), $pot->order);
    }

    /** Whether the best guess would fit the day, with about the spread of $like: most that won't are seen without an ensemble. */
    public function couldWork(BraiseOrder $order, ProgramChoice $choice, Outcome $like): bool
    {
        $pot = $this->load($order, $choice);
        $known = $like->planned;
        $spread = null === $known->latest || null === $known->likely ? 1.0 : max(1.0, self::HOPE * $known->latest / $known->likely);
        $hours = array_combine(array_map(static fn (Doneness $d): string => $d->value, Doneness::cases()), $pot->best->doneness);
        $window = static fn (float $at): Window => is_finite($at) ? new Window($at, $at, $spread * $at) : new Window(null, null, null);

        $work = $this->work($pot, $choice);

        return (new BackwardPlan($order->now, $order->serveAt, $order->kitchen->people, $work->toLoading(), $work->toThePlate()))
            ->solve(
                $pot->setup->program, $window($hours[$order->wishes->texture->value]), $window($hours[Doneness::Past->value]),
                $order->handling->switchOn,
            ) instanceof DayPlan;
    }

    public static function delay(BraiseOrder $order, Work $work): ?Finding
    {
        $cold = $order->handling->isCold() && null === $order->meat->beforehand->why && null === Rules::start(
            $order->meat->joint->start, $order->meat->beforehand, $order->room->temperature,
        );
        $out = $work->beforeLoading() + $order->meat->beforehand->onTheCounter()->inMinutes();

        return Rules::delayedStart(
            Duration::hours($order->handling->delayHours), $cold, $order->room->temperature, Duration::minutes($out),
        );
    }

    /**
     * What must not be done on whatever setting.
     *
     * @return list<Finding>
     */
    public static function refusals(BraiseOrder $order, Work $work): array
    {
        $out = Duration::minutes($work->outOfFridge() + $order->meat->beforehand->onTheCounter()->inMinutes());
        $found = [
            Rules::start($order->meat->joint->start, $order->meat->beforehand, $order->room->temperature), self::delay($order, $work),
            Rules::onTheCounter($out, $order->room->temperature), Rules::liftedOut(Duration::minutes($work->fromLiftToPlate())),
        ];

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

        return Rules::onWarm(
            Duration::seconds(0), Temperature::celsius(is_finite($coolest) ? $coolest : Rules::HOLDING_CELSIUS),
            null !== $planned->latest && $planned->latest <= $warm->inHours(),
        );
    }

    /**
     * @param list<float> $hours
     *
     * @return list<LidLift>
     */
    private static function lidLifts(array $hours): array
    {
        return array_map(
            static fn (float $hour): LidLift => new LidLift(Duration::hours($hour), Duration::minutes(self::LOOK_MINUTES)), $hours,
        );
    }

    /**
     * @param list<Ingredient>     $ingredients
     * @param array<string, float> $late        minutes before the end
     *
     * @return list<LateAddition> from the fridge, into the pot
     */
    private static function additions(array $ingredients, array $late, float $end): array
    {
        $additions = [];
        foreach ($ingredients as $i) {
            if (isset($late[$i->key()]) && null !== $i->grams && $i->grams > 0) {
                $additions[] = new LateAddition(Duration::hours(max(0.0, $end - $late[$i->key()] / 60)),
                    new Content(
                        Mass::grams($i->grams), $i->food?->specificHeat() ?? $i->role->specificHeat(),
                        Temperature::celsius(self::FRIDGE_CELSIUS),
                    ));
            }
        }

        return $additions;
    }

    /** Minutes that the looks that are planned cost, or where there are none, that one in the middle would. */
    private function lookMinutes(LoadedPot $pot, ?float $likely): float
    {
        $planned = $pot->order->handling->lidLifts;
        if (null === $likely) {
            return 0.0;
        }
        $level = (int) array_search($pot->order->wishes->texture, Doneness::cases(), true);
        $other = $pot->setup->running($pot->setup->program, [] === $planned ? self::lidLifts([$likely / 2]) : []);
        $difference = $this->simulation->run(
            $other, new Deviation(), AdaptBraise::HORIZON,
        )->doneness[$level] - $pot->best->doneness[$level];

        return is_finite($difference) ? 60 * abs($difference) : 0.0;
    }

    private static function geometry(BraiseOrder $order): PotGeometry
    {
        $grams = 0.0;
        foreach ($order->potIngredients() as $i) {
            $grams += $i->role->liesWithTheMeat() ? (float) $i->grams : 0.0;
        }

        return new PotGeometry($order->cooker, $order->meat->all(), $grams / 1000, $order->handling->layers);
    }

    /**
     * @param list<Ingredient> $ingredients
     * @param Joint            $joint       the meat that is looked at; the others are as warm as the pot at once, which makes it no warmer
     *
     * @return list<Content>
     */
    private static function contents(BraiseOrder $order, array $ingredients, SaucePlan $sauce, Joint $joint): array
    {
        $contents = [];
        $base = $order->friesBase() ? self::FROM_THE_PAN_CELSIUS : self::FRIDGE_CELSIUS;
        foreach ($sauce->changes as $change) {
            $celsius = match (true) {
                $order->handling->hotLiquid => self::HOT_CELSIUS,
                $change->loaded < $change->poured => self::FROM_THE_PAN_CELSIUS,
                default => self::ROOM_STORED_CELSIUS,
            };
            $contents[] = new Content(
                Mass::grams($change->loaded), $change->ingredient?->food?->specificHeat() ?? Role::Liquid->specificHeat(),
                Temperature::celsius($celsius),
            );
        }
        foreach ($ingredients as $i) {
            if (!$i->role->isPoured() && Role::Tool !== $i->role && null !== $i->grams) {
                $celsius = \in_array($i->role, [Role::Vegetable, Role::Aromatic, Role::Fat], true) ? $base
                    : (\in_array($i->role, [Role::Fruit, Role::Herb], true) ? self::FRIDGE_CELSIUS : self::ROOM_STORED_CELSIUS);
                $contents[] = new Content(
                    Mass::grams($i->grams), $i->food?->specificHeat() ?? $i->role->specificHeat(), Temperature::celsius($celsius),
                );
            }
        }
        if ($order->meat->bones()->kilograms > 0) {
            $contents[] = new Content($order->meat->bones(), self::BONE_HEAT, $order->meat->joint->start);
        }
        foreach ($order->meat->all()->all() as $other) {
            if ($other !== $joint) {
                $contents[] = new Content($other->boneless, Shells::SPECIFIC_HEAT, $other->start);
            }
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
