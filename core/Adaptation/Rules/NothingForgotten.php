<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\PartKind;

/** Where an act is left out, what it put into the sauce still goes in. */
final readonly class NothingForgotten implements Rule
{
    private const GOES_IN = [Stage::During, Stage::Finish, Stage::Table];

    public function applied(Process $process, Circumstances $in): Process
    {
        $told = array_merge(...array_map(static fn (Deed $d): array => $d->act->foods, $process->remaining()));
        foreach ($process->deeds as $deed) {
            if ($deed->remains() || $deed->isBeside || !\in_array($deed->stage, self::GOES_IN, true)) {
                continue;
            }
            foreach ($deed->act->foods as $id) {
                $food = $in->order->recipe->dish->ingredient($id);
                if (\in_array($id, $told, true) || null === $food || Role::Meat === $food->role || Role::Thickener === $food->role
                    || PartKind::Braise !== $food->part || !\in_array($food, $in->order->recipe->ingredients, true)) {
                    continue;
                }
                $told[] = $id;
                $process = $process->finishing(Deed::added(
                    ActKind::CreamOrYoghurtIn, Stage::Finish, 'stir-in', [$id], ['food' => $food->foodText],
                ));
            }
        }

        return $process;
    }
}
