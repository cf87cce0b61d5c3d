<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Evidence;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Learning\Window;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;

/** A household that cooks again and again, looks when it is told to, and learns. */
final class House
{
    public const HORIZON = 24.0;
    private const MOST_LOOKS = 8;
    /** Dinner is said to move where fewer of such pots than this would be ready for it. */
    private const MOVES_BELOW = 0.25;

    public Belief $belief;

    public function __construct(private readonly Nature $nature, private readonly Simulation $simulation = new Simulation())
    {
        $this->belief = Belief::none();
    }

    /**
     * @param float        $changed  factor on the cooker's heat since it was new
     * @param list<string> $answers  what the fork says first, whatever is true
     * @param float|null   $probedAt hours at which a thermometer is put into the liquid
     */
    public function cook(
        Dish $dish, bool $low, string $cooker = 'pot', float $changed = 1.0, array $answers = [], ?float $probedAt = null,
    ): Cook {
        $truth = $this->nature->piece($dish, $cooker, $changed);
        $joint = Cooks::joint($dish->cut, $dish->kilograms, $dish->pieces);
        $known = $this->known($joint->cut, $cooker);
        $setup = $this->setup($dish, $joint->needing($joint->needHours * $known->needFactor()), $low, $known);
        $ensemble = Ensemble::draw($known->spread());
        $evidence = $lifts = $hours = $windows = [];
        if (null !== $probedAt) {
            $celsius = $this->nature->reading((new TruePot($dish, $truth, $low))->liquidAt($probedAt));
            $evidence[] = new ProbeReading(Duration::hours($probedAt), ProbePlace::Liquid, Temperature::celsius($celsius));
        }
        $run = $this->run($ensemble, $setup, [], $evidence);
        $cost = LookCost::of($this->simulation, $setup, $run, Doneness::Fork);
        $looks = Looks::planned($run->doneness(Doneness::Fork), $cost, soon: $low && $known->spread()->unknown);
        $first = $looks->in($run->doneness(Doneness::Fork));
        $core60 = $run->core60(0.95);
        [$dinner, $moved] = [$first->latest ?? self::HORIZON, null];
        $said = [];
        $at = $looks->soonest();
        while (null !== $at && $at < self::HORIZON - 0.5 && \count($said) < self::MOST_LOOKS) {
            $true = new TruePot($dish, $truth, $low, $hours);
            $answer = ForkAnswer::from($answers[\count($said)] ?? $this->nature->answer($true->shareAt($at)));
            $said[] = $answer->value;
            $hours[] = $at;
            $lifts[] = new LidLift(Duration::hours($at), Duration::minutes(Looks::LID_MINUTES));
            $evidence[] = new ForkTest(Duration::hours($at), $answer);
            $run = $this->run($ensemble, $setup, $lifts, $evidence);
            $cost = LookCost::of($this->simulation, $setup, $run, Doneness::Fork);
            $window = Looks::planned($run->doneness(Doneness::Fork), $cost, $at)->in($run->doneness(Doneness::Fork));
            if ($answer->reaches(Doneness::Fork) && \count($said) >= \count($answers)) {
                break;
            }
            $windows[] = $window;
            $moved ??= $at <= $dinner && $run->shareBy(Doneness::Fork, $dinner) < self::MOVES_BELOW ? $at : null;
            $next = Looks::next($window, $at);
            // Before the sauce is begun, the fork is asked in any case.
            $at = $at < $dinner && (null === $next || $next > $dinner) ? $dinner : $next;
        }
        $this->belief = $this->learned($known, $run, $setup, $lifts, $evidence);
        $true = new TruePot($dish, $truth, $low, $hours);

        return new Cook(
            $first, $true->hoursTo(1.0), $windows, $true->hoursTo(2.6), $dinner, $moved, $core60, $true->core60, $said,
            $hours,
        );
    }

    /**
     * @param list<LidLift>  $lifts
     * @param list<Evidence> $evidence
     */
    private function learned(Knowledge $known, Outcome $run, Setup $setup, array $lifts, array $evidence): Belief
    {
        return $known->afterCook(fn (Knowledge $other): Outcome => $other === $known ? $run : $this->run(
            Ensemble::draw($other->spread()), $setup, $lifts, $evidence,
        ));
    }

    /** As it is told before anything is known, without a look. */
    public function windowOf(Dish $dish, bool $low): Window
    {
        $joint = Cooks::joint($dish->cut, $dish->kilograms, $dish->pieces);
        $known = $this->known($joint->cut, 'pot');

        return $this->run(Ensemble::draw($known->spread()), $this->setup($dish, $joint, $low, $known), [], [])->doneness(Doneness::Fork);
    }

    private function known(Cut $cut, string $cooker = 'pot'): Knowledge
    {
        return new Knowledge($this->belief, $cooker, $cut, false);
    }

    /**
     * @param list<LidLift>  $lifts
     * @param list<Evidence> $evidence
     */
    private function run(Ensemble $ensemble, Setup $setup, array $lifts, array $evidence): Outcome
    {
        return $ensemble->run($this->simulation, $setup->running($setup->program, $lifts), self::HORIZON, $evidence);
    }

    private function setup(Dish $dish, Joint $joint, bool $low, Knowledge $known): Setup
    {
        return new Setup(
            $known->in(new Cooker(Volume::litres($dish->litres), rated: Power::watts($dish->watts))),
            new Room(Temperature::celsius(20), 200), Temperature::celsius(20), $joint,
            [
                new Content(Mass::kilograms($dish->stock), 4050, Temperature::celsius(20)),
                new Content(Mass::kilograms($dish->vegetables), 3900, Temperature::celsius(15)),
            ],
            Cooks::on($low ? Setting::Low : Setting::High), [],
        );
    }
}
