<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Recipe\ActKind;

/** A lidded pot can't reduce: what is too much is boiled off in an open pan on the hob, and where nothing is, nothing is. */
final readonly class Reducing implements Rule
{
    public function applied(Process $process, Circumstances $in): Process
    {
        $reduce = $in->sauce->reduce;
        $excess = $in->sauce->atEnd->total - $in->sauce->target;
        $minutes = round(Reduction::timeFor(max(0.0, $reduce), $in->order->kitchen->pan())->inMinutes());
        if ($reduce >= 1 || ($excess >= 1 && $in->refuses('reduce'))) {
            $process = $process->noting($in->entry('reduce-at-the-end', 'reduce', [
                'ml' => $excess, 'minutes' => round(Reduction::timeFor($excess, $in->order->kitchen->pan())->inMinutes()),
                'targetMl' => $in->sauce->target,
            ], $in->sauce->atEnd));
        }
        $variables = ['ml' => $reduce, 'minutes' => $minutes, 'with' => 'none'];
        $told = false;
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($in, $reduce, $minutes, $variables, &$told, &$entries): Deed {
            $reduces = ($d->is(ActKind::Reduce) && \in_array(
                $d->stage, [Stage::Finish, Stage::During], true,
            )) || ($d->is(ActKind::LidOff) && Stage::Before !== $d->stage);
            if (!$reduces || !$d->remains()) {
                return $d;
            }
            if ($reduce >= 1 && $minutes >= 1 && !$told) {
                $told = true;

                return $d->in(Stage::Finish)->otherwise('reduce-on-hob', ['with' => $in->others($d)] + $variables);
            }
            $gone = $d->gone($told || $in->refuses('reduce') ? '' : 'nothing-to-reduce');
            array_push($entries, ...('' === $gone->code ? [] : $in->step($gone)));

            return $gone;
        });
        $process = $process->noting(...$entries);

        return $told || $reduce < 1 || $minutes < 1
            ? $process
            : $process->finishing(Deed::added(ActKind::Reduce, Stage::Finish, 'reduce-on-hob', [], $variables)->refusedBy('reduce', false));
    }
}
