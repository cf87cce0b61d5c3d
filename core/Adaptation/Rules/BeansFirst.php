<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Safety\Rules;

/** Raw beans are boiled hard before they go in: for safety, so that it can't be refused. */
final readonly class BeansFirst implements Rule
{
    private const BOILS = '/\bboil/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        foreach ($in->order->potIngredients() as $i) {
            if (true !== $i->food?->phaseolus) {
                continue;
            }
            $told = array_filter(
                $process->in(Stage::Before),
                static fn (Deed $d): bool => 1 === preg_match(self::BOILS, $d->act->source)
                    && str_contains(mb_strtolower($d->act->source), 'bean')
                && ($d->act->minutes->low ?? 0.0) >= Rules::BEAN_MINUTES);
            if ([] !== $told) {
                return $process->map(static fn (Deed $d): Deed => \in_array($d, $told, true) ? new Deed(
                    $d->act->as(ActKind::BoilBeans), $d->stage,
                ) : $d);
            }
            $boil = Deed::added(ActKind::BoilBeans, Stage::Before, 'beans-first', [$i->key()], ['food' => $i->foodText]);

            return $process->map(static fn (Deed $d): Deed => $d->is(ActKind::BoilBeans) && Stage::Before === $d->stage ? $d->gone() : $d)
                ->inserted($boil, ActKind::Load)->noting(...$in->step($boil));
        }

        return $process;
    }
}
