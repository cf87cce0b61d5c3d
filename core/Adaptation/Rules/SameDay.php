<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;

/** A braise that is chilled overnight for its fat is eaten the day that it was planned for: what was to be warmed again is hot still. */
final readonly class SameDay implements Rule
{
    private const CHILLED = '/\b(?:fridge|refrigerat\w*|chill\w*|cool\w*|cold)\b[^.;]*\b(?:overnight|next day|following day'
        .'|until (?:cold|the fat)'
        .'|tomorrow|a day)\b|\b(?:overnight|next day)\b[^.;]*\b(?:fridge|refrigerat\w*|chill\w*|cold)\b/iu';
    private const WARMED_AGAIN = '/\b(?:re-?heat\w*|warm\w* (?:it |them |everything )?(?:through|up|again)'
        .'|heat\w* (?:it )?(?:through|up))\b/iu';
    private const LIES = [
        ActKind::Rest, ActKind::Add, ActKind::Other, ActKind::Marinate, ActKind::Cook, ActKind::Prepare, ActKind::Portion,
    ];

    public function applied(Process $process, Circumstances $in): Process
    {
        $chilled = false;
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($in, &$chilled, &$entries): Deed {
            if (Stage::Finish !== $d->stage || Fate::Stays !== $d->fate) {
                return $d;
            }
            $lies = $d->is(...self::LIES) && preg_match(self::CHILLED, $d->act->source);
            $again = $chilled && preg_match(self::WARMED_AGAIN, $d->act->source) && $d->is(ActKind::Cook,
                ActKind::BackIntoTheJuice, ActKind::Other);
            $chilled = $chilled || $lies;
            if (!$lies && !$again) {
                return $d;
            }
            $code = $lies && null === $in->order->handling->eatenOn ? 'chilled' : '';
            $gone = $d->gone($code, variables: ['step' => Circumstances::short($d->act->source)]);
            array_push($entries, ...('' === $gone->code ? [] : $in->step($gone)));

            return $gone;
        });

        return $process->noting(...$entries);
    }
}
