<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Safety\Rules;

/**
 * Cooked one day and eaten on another: in the evening it goes into shallow dishes and the fridge; its fat comes off cold, it is warmed
 * through, and finished on the day itself, with its sides.
 */
final readonly class ChilledOvernight implements Rule
{
    public const CHILL = 'chill';
    public const REHEAT = 'reheat';
    public const FAT_OFF = 'fat-off';
    /** Of the pot, which must be empty. */
    private const TONIGHT = [ActKind::Lift, ActKind::TakeOut, ActKind::Test];

    public function applied(Process $process, Circumstances $in): Process
    {
        if (null === $in->order->handling->eatenOn) {
            return $process;
        }
        $process = $process->map(static fn (Deed $d): Deed => match (true) {
            !$d->remains() => $d,
            'portion' === $d->code => $d->gone(),
            $d->isBeside && \in_array($d->stage, [Stage::During, Stage::Table], true) => $d->in(Stage::Again),
            !\in_array($d->stage, [Stage::Finish, Stage::Table], true), $d->is(...self::TONIGHT) => $d,
            $d->is(ActKind::Skim) => $d->in(Stage::Again)->told('fat-off'),
            $d->is(ActKind::Rest) => $d->gone(),
            default => $d->in(Stage::Again),
        });
        $told = ['celsius' => Rules::REHEAT_CELSIUS];
        $warm = Deed::added(ActKind::HeatUp, Stage::Again, 'reheat', [], $told);
        $chill = Deed::added(ActKind::Portion, Stage::Table, 'chill');
        $skim = $process->first(Stage::Again, ActKind::Skim);
        $process = null === $skim ? $process->inserted($warm, ...ActKind::cases())
            : $process->without($skim)->inserted($warm, ...ActKind::cases())->inserted($skim, ...ActKind::cases());

        return $process->inserted($chill, ...ActKind::cases())->noting(new LedgerEntry('another-day'));
    }
}
