<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Tenderness\Doneness;

/** The meat is shredded where pulled meat is wanted, and lifted out where something needs it out; then it goes to the table. */
final readonly class FromThePot implements Rule
{
    private const NEEDS_IT_OUT = [
        ActKind::Strain, ActKind::Sieve, ActKind::Blend, ActKind::Glaze, ActKind::Crisp, ActKind::BackIntoTheJuice,
        ActKind::Carve,
    ];

    public function applied(Process $process, Circumstances $in): Process
    {
        if (Doneness::Pulls === $in->order->wishes->texture && !$process->does(Stage::Finish, ActKind::Shred)) {
            $process = $process->finishing(Deed::added(ActKind::Shred, Stage::Finish, 'shred'));
        }
        $reduces = $process->first(Stage::Finish, ActKind::Reduce);
        if (!$process->does(Stage::Finish, ActKind::Lift)
            && ($process->does(Stage::Finish, ...self::NEEDS_IT_OUT) || Fate::Added === $reduces?->fate)) {
            $process = $process->finishing(Deed::added(ActKind::Lift, Stage::Finish, 'lift'));
        }
        if (!$process->does(Stage::Table, ActKind::Serve)) {
            $process = $process->inserted(Deed::added(
                ActKind::Serve, Stage::Table, 'serve', [],
                ['seasoned' => $process->does(Stage::Table, ActKind::SeasonToTaste) ? 'yes' : 'no'],
            ));
        }
        $process = $process->inserted(Deed::added(ActKind::Portion, Stage::Later, 'portion'));

        return $process->inserted(Deed::added(ActKind::Portion, Stage::Later, 'into-fridge'));
    }
}
