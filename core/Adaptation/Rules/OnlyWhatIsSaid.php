<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\StepKind;

/** What a recipe only remarks on is nothing to do; what it says for a case, or as another way, is done if the cook chooses it. */
final readonly class OnlyWhatIsSaid implements Rule
{
    public function applied(Process $process, Circumstances $in): Process
    {
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($in, &$entries): Deed {
            if ($d->act->said->isChoice()) {
                $code = "only-{$d->act->said->value}";
                $key = $d->keyOf($code);
                $left = $d->gone($code, $key, $in->refuses($key), ['step' => Circumstances::short($d->act->source)]);
                array_push($entries, ...$in->step($left));

                return $left;
            }

            return self::isRemark($d, $in) ? $d->gone() : $d;
        });

        return $process->noting(...self::onceASentence($entries));
    }

    private static function isRemark(Deed $deed, Circumstances $in): bool
    {
        $names = array_filter(
            $deed->act->foods, static fn (string $id): bool => Role::Meat !== $in->order->recipe->dish->ingredient($id)?->role,
        );

        return $deed->is(ActKind::Other)
            && [] === $names
            && !StepKind::opens($deed->act->source)
            && !StepKind::forbids($deed->act->source);
    }

    /**
     * @param list<LedgerEntry> $entries
     *
     * @return list<LedgerEntry>
     */
    private static function onceASentence(array $entries): array
    {
        $once = [];
        foreach ($entries as $entry) {
            $once[$entry->key] ??= $entry;
        }

        return array_values($once);
    }
}
