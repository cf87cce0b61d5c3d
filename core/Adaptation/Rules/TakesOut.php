<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\TakeOut;

/** What isn't eaten comes out before the act that needs it out, all of it at once. */
final readonly class TakesOut implements Rule
{
    private const NEED_IT_OUT = [
        ActKind::Blend, ActKind::Sieve, ActKind::Mash, ActKind::Shred, ActKind::Carve, ActKind::BackIntoTheJuice, ActKind::Crisp,
    ];

    public function applied(Process $process, Circumstances $in): Process
    {
        $fished = self::fished($process, $in);
        $names = array_values(array_diff(array_map(static fn (TakeOut $t): string => $t->name, $in->order->toTakeOut()), $fished));
        if ([] === $names) {
            return $process;
        }
        $own = $process->in(Stage::Finish, ActKind::TakeOut);
        $first = array_shift($own);
        $refused = $in->refuses('step:take-out');
        $process = $process->map(static fn (Deed $d): Deed => \in_array($d, $own, true) ? $d->gone() : $d);
        if (null !== $first) {
            $list = $first->otherwise('take-out', ['list' => implode(', ', $names)]);
            $process = $process->map(static fn (Deed $d): Deed => $d === $first ? $list : $d);

            return $this->inTime($process, $list);
        }
        $list = Deed::added(
            ActKind::TakeOut, Stage::Finish, 'take-out', [], ['list' => implode(', ', $names)],
        )->refusedBy('step:take-out', $refused);
        $process = $process->noting(...$in->step($list));

        return $process->finishing($list);
    }

    /** @return list<string> what came out at its hour already */
    private static function fished(Process $process, Circumstances $in): array
    {
        $names = [];
        foreach ($process->in(Stage::During, ActKind::TakeOut) as $deed) {
            foreach ($deed->act->foods as $id) {
                $names[] = $in->order->recipe->dish->ingredient($id)->foodText ?? '';
            }
        }

        return $names;
    }

    private function inTime(Process $process, Deed $list): Process
    {
        foreach ($process->in(Stage::Finish) as $deed) {
            if ($deed->is(...self::NEED_IT_OUT)) {
                return $process->movedBefore($list, ...self::NEED_IT_OUT);
            }
            if ($deed === $list) {
                return $process;
            }
        }

        return $process;
    }
}
