<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Rules;

/** Raw beans are boiled hard before they go in: for safety, so that it can't be refused. */
final readonly class BeansFirst implements Rule
{
    private const BOILS = '/\bboil/iu';

    public function applied(Process $process, Circumstances $in): Process
    {
        $beans = array_values(array_filter(
            $in->order->potIngredients(), static fn (Ingredient $i): bool => true === $i->food?->phaseolus,
        ));
        $told = array_values(array_filter($process->in(Stage::Before), static fn (Deed $d): bool => self::boilsLong($d)));
        $left = array_values(array_filter(
            $beans, static fn (Ingredient $i): bool => [] === array_filter(
                $told, static fn (Deed $d): bool => \in_array($i->key(), $d->act->foods, true)
                    || ([] === $d->act->foods && 1 === \count($beans)),
            ),
        ));
        if ([] === $left) {
            return [] === $beans ? $process : $process->map(static fn (Deed $d): Deed => \in_array($d, $told, true)
                ? new Deed($d->act->as(ActKind::BoilBeans), $d->stage)
                : $d);
        }
        $boil = Deed::added(
            ActKind::BoilBeans, Stage::Before, 'beans-first', array_map(static fn (Ingredient $i): string => $i->key(), $left),
            ['food' => implode(', ', array_map(static fn (Ingredient $i): string => $i->foodText, $left))],
        );

        return $process->map(static fn (Deed $d): Deed => $d->is(ActKind::BoilBeans) && Stage::Before === $d->stage ? $d->gone() : $d)
            ->inserted($boil, ActKind::FryBase, ActKind::Deglaze, ActKind::BoilDown, ActKind::HeatUp, ActKind::Load)
            ->noting(...$in->step($boil));
    }

    private static function boilsLong(Deed $deed): bool
    {
        return 1 === preg_match(self::BOILS, $deed->act->source)
            && str_contains(mb_strtolower($deed->act->source), 'bean')
            && ($deed->act->minutes->low ?? 0.0) >= Rules::BEAN_MINUTES;
    }
}
