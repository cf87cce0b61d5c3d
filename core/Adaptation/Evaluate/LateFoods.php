<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Larder\Adding;
use Pausis\Core\Larder\Role;

/** What isn't in the pot from the start. */
final class LateFoods
{
    /**
     * @param list<string> $larger ids of what goes in from the start all the same
     *
     * @return array<string, float> minutes before the end, by id
     */
    public static function of(BraiseOrder $order, array $larger): array
    {
        $late = [];
        foreach ($order->potIngredients() as $i) {
            $key = $i->key();
            $larder = Adding::Late === $i->food?->adding || Adding::Apart === $i->food?->adding ? (float) $i->food->lateMinutes : null;
            $minutes = $order->recipe->dish->late($key)?->middle() ?? $larder;
            if (null !== $minutes
                && !$i->role->isPoured()
                && Role::Dairy !== $i->role
                && !(null !== $order->recipe->dish->late($key) && \in_array($key, $larger, true))
                && !$order->choices->refuses("late:$key")) {
                $late[$key] = $minutes;
            }
        }

        return $late;
    }
}
