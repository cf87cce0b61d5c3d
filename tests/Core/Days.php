<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Explain\BraiseWays;
use Pausis\Core\Adaptation\Explain\DayWays;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Tenderness\Doneness;

/** Thursday 26 November 2026 in the sample house, seen from the evening before. */
final class Days
{
    public const LINES = ['2 onions', '3 carrots', '700 ml beef stock', '1 tsp salt'];

    public static function at(string $time, string $day = '2026-11-26'): \DateTimeImmutable
    {
        return new \DateTimeImmutable("$day $time", new \DateTimeZone('Europe/Vienna'));
    }

    public static function between(string $from, string $to): Interval
    {
        return new Interval(self::at($from), self::at($to));
    }

    /** Away until twenty past five. */
    public static function working(): Presence
    {
        return new Presence([self::between('08:10', '17:20')], '22:45', '06:15');
    }

    /** @param list<Interval> $busy */
    public static function home(string $rises = '06:15', array $busy = []): Presence
    {
        return new Presence([], '22:45', $rises, $busy);
    }

    public static function people(Presence ...$presences): People
    {
        $persons = [];
        foreach (array_values($presences) as $k => $presence) {
            $persons[] = new Person((string) ($k + 1), ['Tamsin', 'Joris', 'Wren'][$k] ?? 'Guest', $presence);
        }
        \assert([] !== $persons);

        return new People($persons);
    }

    /** @param list<string> $lines */
    public static function braise(
        ?Kitchen $kitchen = null, Handling $handling = new Handling(), array $lines = self::LINES, ?\DateTimeImmutable $serve = null,
        ?\DateTimeImmutable $now = null, ProgramChoice $choice = ProgramChoice::Low, Doneness $texture = Doneness::Fork,
        float $kilograms = 1.3, Sureness $sureness = Sureness::NineInTen,
    ): AdaptedBraise {
        $reader = new IngredientReader(Larder::load(), Cuts::load());

        return (new AdaptBraise())->adapt(new BraiseOrder(
            new OrderedRecipe(array_map(static fn (string $line): Ingredient => $reader->read($line), $lines), 4, null, true),
            new OrderedMeat(Cooks::joint('beef-chuck', $kilograms), Mass::kilograms(0)),
            new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 640),
            $now ?? self::at('18:40', '2026-11-25'),
            $serve ?? self::at('19:00'),
            $kitchen ?? Kitchen::alone(self::working()),
            wishes: new Wishes(texture: $texture, choice: $choice, sureness: $sureness),
            handling: $handling,
        ));
    }

    /**
     * @param list<string>                      $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<OtherPot>                    $others
     */
    public static function plan(AdaptedBraise $braise, array $sides = [], array $pins = [], array $others = []): ?WholeDay
    {
        $table = Sides::load();

        return (new PlanDay())->plan(
            $braise, array_values(array_filter(array_map(static fn (string $id): ?Side => $table->find($id), $sides))), $pins, $others,
        );
    }

    /** @return list<string> the smallest set of wishes that can't all be had */
    public static function clashing(?WholeDay $day): array
    {
        $case = $day?->asCase();

        return null === $case || true === $day->possible ? [] : (new DayWays(Sides::load()))->clashing($case);
    }

    /** @return list<WayOut> */
    public static function ways(AdaptedBraise|WholeDay|null $of): array
    {
        if ($of instanceof AdaptedBraise) {
            return (new BraiseWays(new Evaluation()))->out($of);
        }
        $case = true === $of?->possible ? null : $of?->asCase();

        return null === $case ? [] : (new DayWays(Sides::load()))->out($case);
    }

    /** @return array<string, Placed> by job */
    public static function jobs(?WholeDay $day): array
    {
        $jobs = [];
        foreach ($day->placed ?? [] as $placed) {
            $jobs[$placed->job->id] = $placed;
        }

        return $jobs;
    }
}
