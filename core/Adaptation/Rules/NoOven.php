<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;

/** The slow cooker does the braising: no oven is heated for it. */
final readonly class NoOven implements Rule
{
    private const OF_THE_COOKER = '/\b(?:insert|cooker|crock)\b/iu';
    private const GRILL = '/\b(?:grill|broiler)\b/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($in, &$entries): Deed {
            if (!$d->is(ActKind::Preheat)
                || preg_match(self::OF_THE_COOKER, $d->act->source)
                || (Stage::Before !== $d->stage && preg_match(self::GRILL, $d->act->source))) {
                return $d;
            }
            $key = $d->keyOf('oven-not-needed');
            $gone = $d->gone('oven-not-needed', $key, $in->refuses($key));
            array_push($entries, ...$in->step($gone));

            return $gone;
        });

        return $process->noting(...$entries);
    }
}
