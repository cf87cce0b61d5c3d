<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Safety\Rules;

/** The order of work in which browned meat waits for the pot no longer than it may. */
final readonly class BrownedShortly
{
    private const PART_COOKS = ['brown-meat', 'blanch'];
    private const MOST_BROWNED = 60 * Rules::BROWNED_AHEAD_HOURS;
    /** What can as well be done before the meat, in the recipe's order. */
    private const LONG_IN_THE_PAN = ['boil-wine-down', 'simmer-first', 'fry-base', 'fry-apart', 'heat-up', 'toast-spices', 'render'];
    /** Goes on beside it. */
    private const WITHOUT_THE_MEAT = ['beans-on', 'cut-vegetables', 'mix-spices', 'mix'];

    private function __construct()
    {
    }

    /**
     * Browned meat waits for the pot no longer than it may: what takes longer in the pan is done before it, and nothing behind it stands
     * about.
     *
     * @param list<Chore> $before in order
     *
     * @return list<Chore>
     */
    public static function inOrder(array $before): array
    {
        $at = self::lastBrowned($before);
        if (null === $at) {
            return $before;
        }
        foreach ($before as $k => $chore) {
            if ($k > $at && \in_array($chore->code, self::LONG_IN_THE_PAN, true)
                && self::minutesBehind($before, $at) > self::MOST_BROWNED) {
                array_splice($before, $k, 1);
                array_splice($before, self::firstBrowned($before), 0, [$chore]);
                ++$at;
            }
        }
        $left = self::MOST_BROWNED - self::minutesBehind($before, $at);
        foreach ($before as $k => $chore) {
            if ($k >= $at && !\in_array($chore->code, self::WITHOUT_THE_MEAT, true)) {
                $before[$k] = $chore->waiting((int) max(0, min($chore->waits, $left)));
                $left -= $before[$k]->waits;
            }
        }

        return $before;
    }

    /** @param list<Chore> $before */
    private static function lastBrowned(array $before): ?int
    {
        $at = array_keys(array_filter($before, static fn (Chore $c): bool => \in_array($c->code, self::PART_COOKS, true)));

        return [] === $at ? null : max($at);
    }

    /**
     * Where the meat is first taken out for it.
     *
     * @param list<Chore> $before
     */
    private static function firstBrowned(array $before): int
    {
        foreach ($before as $k => $chore) {
            if (\in_array($chore->code, [...self::PART_COOKS, 'dry-meat'], true)) {
                return $k;
            }
        }

        return 0;
    }

    /**
     * Of work between the meat and its loading.
     *
     * @param list<Chore> $before
     */
    private static function minutesBehind(array $before, int $at): int
    {
        return (int) array_sum(array_map(
            static fn (Chore $c): int => \in_array($c->code, self::WITHOUT_THE_MEAT, true)
                ? 0 : $c->minutes, \array_slice($before, $at + 1),
        ));
    }
}
