<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Tests\Core\Days;

/** Days of all kinds: who is there, what there is to cook on, what is served, how soon; the same for the same number. */
final class RandomDays
{
    private const DISHES = [
        'plain-chuck', 'pulled-pork', 'reduced-hard', 'blended-sauce', 'stew-carrots-late', 'tied-brisket-mash', 'beans-and-hock',
        'no-finish',
    ];

    private readonly AdaptBraise $adapt;

    public function __construct()
    {
        $this->adapt = new AdaptBraise(new Evaluation(new KeptInMemory()));
    }

    /** @return array{AdaptedBraise, list<Side>, list<Placed>} braise, sides, what is reserved */
    public function day(int $number): array
    {
        mt_srand($number);
        $kitchen = new Kitchen(Days::people(...array_map(
            static fn (): Presence => self::presence(), range(1, [1, 1, 1, 2, 2, 3][mt_rand(0, 5)]),
        )), mt_rand(1, 4), 0 === mt_rand(0, 3) ? 0 : 1);
        $order = Dishes::order(Dishes::named(self::DISHES[mt_rand(0, \count(self::DISHES) - 1)]), $kitchen);
        $order = $order->choosing([ProgramChoice::Low, ProgramChoice::High][mt_rand(0, 1)])
            ->servedAt(Days::at(\sprintf('%02d:%02d', [12, 13, 17, 18, 18, 19, 19, 20][mt_rand(0, 7)], 5 * mt_rand(0, 11))));
        $all = Sides::load()->all();
        $keys = (array) array_rand($all, [1, 1, 2, 2, 3, 4][mt_rand(0, 5)]);
        $sides = array_map(static fn (int|string $k): Side => $all[$k], $keys);
        $braise = $this->adapt->adapt($order);
        $reserved = [];
        if (0 === mt_rand(0, 3)) {
            $from = $order->serveAt->modify('-'.mt_rand(5, 90).' minutes');
            $reserved[] = new Placed(
                new Job('other', 'other', [], 15, true, 1), $from, $from->modify('+15 minutes'), $kitchen->people->persons[0],
            );
        }

        return [$braise, $sides, $reserved];
    }

    private static function presence(): Presence
    {
        $away = $busy = [];
        if (0 === mt_rand(0, 2)) {
            $away[] = Days::between(
                \sprintf('%02d:%02d', mt_rand(7, 9), 5 * mt_rand(0, 11)), \sprintf('%02d:%02d', mt_rand(15, 18), mt_rand(0, 59)),
            );
        }
        for ($k = mt_rand(0, 3); $k > 0; --$k) {
            $from = Days::at(\sprintf('%02d:%02d', mt_rand(6, 19), mt_rand(0, 59)));
            $stay = new Interval($from, $from->modify('+'.[2, 10, 20, 45, 90][mt_rand(0, 4)].' minutes'));
            0 === mt_rand(0, 2) ? $away[] = $stay : $busy[] = $stay;
        }

        return new Presence($away, '23:00', ['05:00', '06:15', '07:30'][mt_rand(0, 2)], $busy);
    }
}
