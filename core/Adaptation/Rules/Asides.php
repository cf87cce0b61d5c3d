<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\StepKind;

/** What a recipe only remarks on is nothing to do. */
final readonly class Asides implements Rule
{
    public function applied(Process $process, Circumstances $in): Process
    {
        $names = static fn (Deed $d): bool => [] !== array_filter(
            $d->act->foods, static fn (string $id): bool => Role::Meat !== $in->order->recipe->dish->ingredient($id)?->role,
        );

        return $process->map(
            static fn (Deed $d): Deed => $d->is(ActKind::Other)
                && !$names($d)
                && !StepKind::opens($d->act->source)
                && !StepKind::forbids($d->act->source) ? $d->gone() : $d,
        );
    }
}
