<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Recipe\ActKind;

/** Fat that the meat has given is skimmed, where it is worth it. */
final readonly class Skimming implements Rule
{
    private const WORTH_GRAMS = 20.0;

    public function applied(Process $process, Circumstances $in): Process
    {
        $meats = $in->order->meat->all();
        $fat = MeatJuice::renderedFat($meats, $meats->first->needHours)->inGrams();
        if ($fat < self::WORTH_GRAMS) {
            return $process;
        }
        $fatGrams = $meats->fat()->inGrams();
        $millilitres = $fat / MeatJuice::FAT_DENSITY;
        $entry = $in->entry('skim-fat', 'skim', ['fatMl' => $millilitres, 'fatGrams' => $fatGrams], new Sum('fat-to-skim', 'mL', [
            new Term('rendered-fat', $millilitres, ['grams' => $fatGrams, 'sharePercent' => 100 * $fat / $fatGrams]),
        ]));
        $process = $process->noting($entry);
        if ($entry->refused) {
            return $process->map(static fn (Deed $d): Deed => $d->is(ActKind::Skim) && Fate::Added === $d->fate ? $d->gone() : $d);
        }

        return $process->does(Stage::Finish, ActKind::Skim)
            ? $process
            : $process->finishing(Deed::added(
                ActKind::Skim, Stage::Finish, 'skim', [], ['fatMl' => $millilitres],
            )->refusedBy('skim', false));
    }
}
