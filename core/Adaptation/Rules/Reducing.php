<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Recipe\ActKind;

/** A lidded pot can't reduce: what is too much is boiled off in an open pan on the hob, and where nothing is, nothing is. */
final readonly class Reducing implements Rule
{
    /** mL. */
    private const WORTH_SAYING = 20.0;

    public function applied(Process $process, Circumstances $in): Process
    {
        $reduce = $in->sauce->reduce;
        $excess = $in->sauce->atEnd->total - $in->sauce->target;
        $minutes = round(Reduction::timeFor(max(0.0, $reduce), $in->order->kitchen->pan())->inMinutes());
        if ($reduce >= 1 || ($excess >= 1 && $in->refuses('reduce'))) {
            $process = $process->noting($in->entry('reduce-at-the-end', 'reduce', [
                'ml' => $excess, 'minutes' => round(Reduction::timeFor($excess, $in->order->kitchen->pan())->inMinutes()),
                'targetMl' => $in->sauce->target, 'step' => self::own($process),
            ], $in->sauce->atEnd));
        }
        if ($in->sauce->tooSalty >= self::WORTH_SAYING) {
            $process = $process->noting(new LedgerEntry('too-salty-to-reduce', [
                'ml' => $in->sauce->tooSalty, 'leftMl' => $in->sauce->left(), 'percent' => 100 * SaltBalance::SALTIEST,
            ], $in->salt->sum));
        }
        $variables = ['ml' => $reduce, 'minutes' => $minutes, 'with' => 'none'];
        $told = $moved = null;
        $entries = [];
        $kept = $reduce >= 1 && $minutes >= 1 ? self::last($process) : null;
        $process = $process->map(static function (Deed $d) use (
            $in, $reduce, $minutes, $variables, $kept, &$told, &$moved, &$entries,
        ): Deed {
            if (!self::reduces($d)) {
                return $d;
            }
            if ($d->is(ActKind::LidOff) && null !== $in->openLid && !$in->refuses('reduce')) {
                array_push($entries, ...$in->step($d->gone('lid-off', variables: self::ofLid($in->openLid, $reduce, $minutes))));
            }
            if ($d === $kept) {
                $told = $d->as(ActKind::Reduce)->in(Stage::Finish)->otherwise('reduce-on-hob', ['with' => $in->others($d)] + $variables);
                $moved = $d->is(ActKind::LidOff) ? $told : null;

                return $told;
            }
            if (null !== $kept) {
                return $d->toldWith($kept);
            }
            $isSaid = $in->refuses('reduce') || $in->sauce->tooSalty >= self::WORTH_SAYING
                || ($d->is(ActKind::LidOff) && null !== $in->openLid);
            $gone = $d->gone($isSaid ? '' : 'nothing-to-reduce');
            array_push($entries, ...('' === $gone->code ? [] : $in->step($gone)));

            return $gone;
        });
        $process = $process->noting(...$entries);
        $process = null === $moved ? $process : $process->inItsPlace($moved);

        return null !== $told || $reduce < 1 || $minutes < 1
            ? $process
            : $process->finishing(Deed::added(ActKind::Reduce, Stage::Finish, 'reduce-on-hob', [], $variables)->refusedBy('reduce', false));
    }

    private static function reduces(Deed $deed): bool
    {
        $boils = $deed->is(ActKind::Reduce) && \in_array($deed->stage, [Stage::Finish, Stage::During], true);

        return $deed->remains() && ($boils || ($deed->is(ActKind::LidOff) && Stage::Before !== $deed->stage));
    }

    /** Where it is boiled down in an open pan, the last that does so; a lid that is taken off only where nothing else reduces. */
    private static function last(Process $process): ?Deed
    {
        $last = null;
        foreach ($process->deeds as $deed) {
            if (self::reduces($deed) && (null === $last || $deed->is(ActKind::Reduce) || $last->is(ActKind::LidOff))) {
                $last = $deed;
            }
        }

        return $last;
    }

    /** The recipe's own words for it. */
    private static function own(Process $process): string
    {
        $own = self::last($process);

        return null === $own || Fate::Added === $own->fate
            ? 'none'
            : Circumstances::short('' === $own->act->words ? $own->act->source : $own->act->words);
    }

    /** @return array<string, float|string> */
    private static function ofLid(OpenLid $lid, float $reduce, float $minutes): array
    {
        return [
            'minutes' => $lid->minutes, 'awayMl' => $lid->away, 'celsius' => $lid->celsius,
            'cold' => $lid->goesOnTenderising() ? 'no' : 'yes',
            'boils' => $reduce >= 1 ? 'yes' : 'no', 'ml' => $reduce, 'hobMinutes' => $minutes,
        ];
    }
}
