<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Event;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Fields;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Tenderness\Doneness;

/** A case file of the heating model: read with every problem collected, run, and answered in hours. Format: docs/formats.md. */
final readonly class ModelCase
{
    private const MOST_EVENTS = 200;

    private function __construct(private Setup $setup, private float $horizon)
    {
    }

    /** @param mixed $case decoded JSON */
    public static function tryFrom(mixed $case, Cuts $cuts, Problems $problems): ?self
    {
        $in = new Fields($case, '', $problems);
        $cooker = $in->object('cooker');
        $capacity = $cooker->number('capacityLitres');
        $watts = $cooker->numberOrNull('ratedWatts');
        $factor = $cooker->numberOr('heatFactor', 1.0);
        $shape = Shape::tryFrom($cooker->textOr('shape', 'oval')) ?? $cooker->wrong('shape', 'unknown-shape', Shape::Oval);
        $autoWarm = $cooker->numberOrNull('autoWarmHours');
        $room = $in->object('room');
        $roomCelsius = $room->within(Range::roomCelsius(), 'temperature');
        $altitude = $room->within(Range::altitudeMetres(), 'altitude', 0.0);
        $insert = $in->within(Range::startCelsius(), 'insertTemperature', 20.0);
        $meat = $in->object('meat');
        $cut = $cuts->find($meat->textOr('cut', ''));
        if (null === $cut) {
            $problems->add('unknown-cut', 'meat.cut', ['cut' => mb_substr($meat->textOr('cut', ''), 0, 60)]);
        }
        $kilograms = $meat->number('kg');
        $pieces = $meat->numberOr('pieces', 1.0);
        $contents = array_map(self::content(...), $in->objects('contents', self::MOST_EVENTS));
        $changes = array_map(static fn (Fields $f): SettingChange => new SettingChange(
            Duration::hours($f->within(Range::horizonHours(), 'fromHour', 0.0, zero: true)),
            Setting::tryFrom($f->textOr('setting', '')) ?? $f->wrong('setting', 'unknown-setting', Setting::Low),
        ), $in->objects('program', self::MOST_EVENTS));
        if ([] === $changes) {
            $problems->add('missing', 'program');
        }
        $events = array_map(self::event(...), $in->objects('events', self::MOST_EVENTS));
        $horizon = $in->within(Range::horizonHours(), 'hours', 16.0);
        $builtCooker = Cooker::tryFrom($capacity, $shape, $watts, $factor, $autoWarm, $problems);
        $joint = null === $cut
            ? null
            : Joint::tryFrom(
                $cut, $kilograms, (int) $pieces, $meat->numberOrNull('thicknessCm'), $meat->numberOr('startTemperature', 5.0),
                $meat->numberOrNull('need'), $problems,
            );
        if (!$problems->none() || null === $joint || null === $builtCooker || [] === $changes) {
            return null;
        }

        return new self(new Setup($builtCooker, new Room(Temperature::celsius($roomCelsius), $altitude), Temperature::celsius($insert),
            $joint, $contents, Program::of($changes), array_values(array_filter($events))), $horizon);
    }

    /**
     * @return array{pot60: float|null, core60: float|null, slices: float|null, fork: float|null, pulls: float|null, past: float|null,
     *     evaporatedGrams: float, windows: array<string, array{float|null, float|null, float|null}>, trace: list<array{float, float,
     *     float, float, float}>}
     */
    public function run(Simulation $simulation = new Simulation()): array
    {
        $course = $simulation->run($this->setup, new Deviation(), $this->horizon, traced: true);
        $outcome = Ensemble::draw(Spread::of($this->setup->joint, $this->setup->cooker))->run($simulation, $this->setup, $this->horizon);
        $triple = static fn (Window $w): array => [self::rounded($w->earliest), self::rounded($w->likely), self::rounded($w->latest)];
        $windows = ['pot60' => $triple($outcome->pot60()), 'core60' => $triple($outcome->core60())];
        $times = [];
        foreach (Doneness::cases() as $i => $level) {
            $times[$level->value] = self::rounded($course->doneness[$i]);
            $windows[$level->value] = $triple($outcome->doneness($level));
        }

        return [
            'pot60' => self::rounded($course->pot60),
            'core60' => self::rounded($course->core60),
            'slices' => $times['slices'],
            'fork' => $times['fork'],
            'pulls' => $times['pulls'],
            'past' => $times['past'],
            'evaporatedGrams' => round($course->evaporatedGrams, 1),
            'windows' => $windows,
            'trace' => array_map(
                static fn (array $row): array => [
                    round($row[0], 4), round($row[1], 2), round($row[2], 2), round($row[3], 4), round($row[4], 2),
                ],
                $course->trace,
            ),
        ];
    }

    private static function content(Fields $f): Content
    {
        return new Content(
            Mass::kilograms($f->within(Range::contentKilograms(), 'kg', 0.0)),
            $f->within(Range::specificHeat(), 'specificHeat', 4000.0),
            Temperature::celsius($f->within(Range::startCelsius(), 'temperature', 20.0)),
        );
    }

    private static function event(Fields $f): ?Event
    {
        $at = Duration::hours($f->within(Range::horizonHours(), 'atHour', 0.0, zero: true));

        return match (true) {
            $f->has('lidOpenMinutes') => new LidLift($at, Duration::minutes($f->within(Range::lidOpenMinutes(), 'lidOpenMinutes', 0.0))),
            $f->has('powerOffMinutes') => new PowerCut(
                $at, Duration::minutes($f->within(Range::powerOffMinutes(), 'powerOffMinutes', 0.0)),
            ),
            $f->has('add') => new LateAddition($at, self::content($f->object('add'))),
            default => $f->wrong('', 'unknown-event', null),
        };
    }

    private static function rounded(?float $hours): ?float
    {
        return null === $hours || \INF === $hours ? null : round($hours, 3);
    }
}
