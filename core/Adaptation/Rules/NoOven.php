<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;

/** The slow cooker does the braising: no oven is heated for it, but in time for what is browned or crisped in it. */
final readonly class NoOven implements Rule
{
    private const OF_THE_COOKER = '/\b(?:insert|cooker|crock)\b/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        $entries = [];
        $crisps = $process->does(Stage::Finish, ActKind::Crisp);
        $browns = [] !== array_filter($process->in(Stage::Before, ActKind::Brown), static fn (Deed $d): bool => $d->isRoastedBrown());
        $process = $process->map(static function (Deed $d) use ($in, $crisps, $browns, &$entries): Deed {
            if (!$d->is(ActKind::Preheat)
                || preg_match(self::OF_THE_COOKER, $d->act->source)
                || ($browns && Stage::Before === $d->stage)
                || (Stage::Before !== $d->stage && ($crisps || $d->isUnderTheGrill()))) {
                return $d;
            }
            $key = $d->keyOf('oven-not-needed');
            $gone = $d->gone('oven-not-needed', $key, $in->refuses($key));
            array_push($entries, ...$in->step($gone));

            return $gone;
        });

        return self::heatedFirst($process->noting(...$entries));
    }

    /** What is crisped goes in hot: the oven, or the grill, is on by then, whether the recipe says so or not. */
    private static function heatedFirst(Process $process): Process
    {
        $crisp = $process->in(Stage::Finish, ActKind::Crisp)[0] ?? null;
        if (null === $crisp) {
            return $process;
        }
        $how = $crisp->isInTheOven() ? 'oven' : 'grill';
        $own = array_values(array_filter(
            $process->remaining(), static fn (Deed $d): bool => $d->is(ActKind::Preheat) && Stage::Before !== $d->stage
                && !$d->isBeside && !preg_match(self::OF_THE_COOKER, $d->act->source),
        ))[0] ?? null;
        $heats = $own?->in(Stage::Finish)->told('', ['how' => $how])
            ?? Deed::added(ActKind::Preheat, Stage::Finish, 'heat-oven', [], ['how' => $how]);

        return (null === $own ? $process : $process->without($own))->inserted($heats, ...ActKind::cases());
    }
}
