<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\SidesOfDish;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\TypedQuantity;
use Pausis\Core\Recipe\Dish;

/** What a draft says of the day beside the braise itself. */
final readonly class DraftDay
{
    public function __construct(private Sides $sides)
    {
    }

    /** @return list<Side> those of the table, in the recipe's own amounts where it has them, and the cook's own */
    public function sides(BraiseDraft $draft, Dish $dish): array
    {
        $sides = array_map(
            (new SidesOfDish($dish, $this->sides))->measured(...),
            array_values(array_filter(array_map($this->sides->find(...), array_unique($draft->sides)))),
        );
        foreach ($draft->ownSides as $k => $own) {
            $sides[] = Side::own(
                "own$k", '' === trim($own->name) ? '…' : trim($own->name), self::minutes($own->work, '', new Problems()),
                self::minutes($own->cooking, '', new Problems()), 'ring' === $own->where, 'oven' === $own->where,
            );
        }

        return $sides;
    }

    /** What of the cook's own side dishes isn't understood; it takes no time until it is. */
    public static function sayUnclear(BraiseDraft $draft, Problems $problems): void
    {
        foreach ($draft->ownSides as $k => $own) {
            self::minutes($own->work, "ownSides.$k.work", $problems);
            self::minutes($own->cooking, "ownSides.$k.cooking", $problems);
        }
    }

    private static function minutes(string $typed, string $path, Problems $problems): int
    {
        if ('' === trim($typed)) {
            return 0;
        }
        $hours = TypedQuantity::hours(preg_match('/^\s*\d+\s*$/', $typed) ? "$typed min" : $typed, $path, $problems);

        return null !== $hours && $problems->within(Range::sideHours(), $hours, $path) ? (int) round(60 * $hours) : 0;
    }

    /** @return array<string, \DateTimeImmutable> by job */
    public function pins(BraiseDraft $draft, \DateTimeZone $zone): array
    {
        $pins = [];
        foreach ($draft->pins as $pin) {
            $at = DraftOrder::moment($pin->at, $zone);
            if (null !== $at) {
                $pins[$pin->job] = $at;
            }
        }

        return $pins;
    }
}
