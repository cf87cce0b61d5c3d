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
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;

/** A household that cooks the same cut in the same cooker again and again, looks when it is told to, and learns. */
final class House
{
    private const HORIZON = 20.0;
    private const LIFT_MINUTES = 2.0;
    private const MOST_LOOKS = 8;

    public Belief $belief;

    public function __construct(private readonly Nature $nature, private readonly Setting $setting, private readonly Simulation $simulation)
    {
        $this->belief = Belief::none();
    }

    public function cook(): Cook
    {
        $this->nature->nextPiece();
        $joint = Cooks::joint('beef-chuck', 1.3);
        $known = new Knowledge($this->belief, 'pot', $joint->cut, false);
        $setup = $this->setup($joint->needing($joint->needHours * $known->needFactor()), $known->heatFactor(), $known->lossFactor());
        $ensemble = Ensemble::draw($known->spread());
        $run = $ensemble->run($this->simulation, $setup, self::HORIZON);
        $cost = Looks::cost($this->simulation, $setup, $run->doneness(Doneness::Fork), Doneness::Fork);
        $looks = Looks::planned($run->doneness(Doneness::Fork), $cost, soon: Setting::Low === $this->setting && $known->spread()->tailed);
        $first = $looks->in($run->doneness(Doneness::Fork));
        $evidence = $lifts = $windows = [];
        $window = $first;
        $at = $looks->soonest();
        while (null !== $at && $at < self::HORIZON - 0.5 && \count($evidence) < self::MOST_LOOKS) {
            $answer = $this->nature->answer($this->truly($joint, $lifts), $at);
            $lifts[] = new LidLift(Duration::hours($at), Duration::minutes(self::LIFT_MINUTES));
            $evidence[] = new ForkTest(Duration::hours($at), $answer);
            $run = $ensemble->run($this->simulation, $setup->running($setup->program, $lifts), self::HORIZON, $evidence);
            $window = Looks::planned($run->doneness(Doneness::Fork), $cost, $at)->in($run->doneness(Doneness::Fork));
            if ($answer->reaches(Doneness::Fork)) {
                break;
            }
            $windows[] = $window;
            $at = Looks::next($window, $at);
        }
        $this->belief = $known->after($run);

        return new Cook(
            $first, $this->nature->readyHours($this->truly($joint, $lifts)), $windows, \count($evidence),
            $this->nature->pastHours($this->truly($joint, $lifts)),
        );
    }

    /** @param list<LidLift> $lifts */
    private function truly(Joint $joint, array $lifts): Setup
    {
        $setup = $this->setup($joint, 1.0, 1.0);

        return $setup->running($setup->program, $lifts);
    }

    private function setup(Joint $joint, float $heat, float $loss): Setup
    {
        return new Setup(
            new Cooker(Volume::litres(5.7), rated: Power::watts(241.5), heatFactor: $heat, lossFactor: $loss),
            new Room(Temperature::celsius(20), 200), Temperature::celsius(20), $joint,
            [
                new Content(Mass::kilograms(0.5), 4050, Temperature::celsius(20)),
                new Content(Mass::kilograms(0.5), 3900, Temperature::celsius(15)),
            ],
            Cooks::on($this->setting), [],
        );
    }
}
