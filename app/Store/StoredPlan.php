<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Placed;

/**
 * A day as it was planned when its braise was last saved, so that other braises of the day leave it its hands and rings.
 *
 * @phpstan-type Stored array{cookerId: string, on: int, serve: int, jobs: list<array{id: string, text: string, from: int, to: int,
 *     who: string, hands: bool, rings: int, ovens: int}>}
 */
final class StoredPlan
{
    public const CODE = 'other';

    /**
     * @param callable(Placed): string $text
     *
     * @return Stored|null times in seconds since 1970; null where there is no plan
     */
    public static function of(?WholeDay $whole, string $cookerId, callable $text): ?array
    {
        $day = $whole?->braise->day();
        if (null === $whole || !$day instanceof DayPlan) {
            return null;
        }
        $jobs = [];
        foreach ($whole->placed as $placed) {
            $jobs[] = [
                'id' => $placed->job->id, 'text' => $text($placed), 'from' => $placed->from->getTimestamp(),
                'to' => $placed->to->getTimestamp(),
                'who' => $placed->person->id ?? '', 'hands' => $placed->job->hands, 'rings' => $placed->job->rings,
                'ovens' => $placed->job->ovens,
            ];
        }

        return ['cookerId' => $cookerId, 'on' => $day->switchOn->getTimestamp(), 'serve' => $day->serve->getTimestamp(), 'jobs' => $jobs];
    }

    /** @param Stored $plan */
    public static function pot(string $id, string $title, array $plan, string $cookerId, People $people, \DateTimeZone $zone): OtherPot
    {
        $at = static fn (int $seconds): \DateTimeImmutable => (new \DateTimeImmutable('@'.$seconds))->setTimezone($zone);
        $placed = array_map(static fn (array $j): Placed => new Placed(
            new Job(
                "$id-{$j['id']}", self::CODE, ['text' => $j['text'], 'title' => $title], intdiv($j['to'] - $j['from'], 60), $j['hands'],
                $j['rings'], $j['ovens'],
            ),
            $at($j['from']), $at($j['to']), $people->find($j['who']),
        ), $plan['jobs']);

        return new OtherPot(
            $title, '' !== $cookerId && $cookerId === $plan['cookerId'], new Interval($at($plan['on']), $at($plan['serve'])), $placed,
            $id,
        );
    }
}
