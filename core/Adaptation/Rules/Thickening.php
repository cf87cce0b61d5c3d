<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\ActKind;

/** The recipe's starch at the end is the thickening, in the amount that this sauce wants; none goes in where none is wanted. */
final readonly class Thickening implements Rule
{
    /** "Mix the starch and the water, stir in": what goes on with it is told by it. */
    private static function withoutItsRest(Process $process): Process
    {
        $told = array_map(
            static fn (Deed $d): string => $d->sentence(),
            array_filter(
                $process->in(Stage::Finish, ActKind::Slurry, ActKind::ButterAndStarch),
                static fn (Deed $d): bool => Fate::Changed === $d->fate,
            ),
        );

        return $process->map(
            static fn (Deed $d): Deed => $d->is(ActKind::Add, ActKind::Load)
                && [] === $d->act->foods
                && \in_array($d->sentence(), $told, true) ? $d->gone() : $d,
        );
    }

    public function applied(Process $process, Circumstances $in): Process
    {
        $slurry = $in->offered;
        $variables = ['thickener' => $slurry->thickener->value, 'grams' => $slurry->grams, 'coldMl' => $slurry->coldMillilitres];
        $refused = $in->refuses('thicken');
        if ($slurry->grams >= 1) {
            $process = $process->noting($in->entry('thicken', 'thicken', [
                'thickener' => $slurry->thickener->value, 'grams' => $slurry->grams, 'spoons' => $slurry->tablespoons(),
                'coldMl' => $slurry->coldMillilitres,
                'thickness' => $in->order->wishes->thickness->value,
            ], $slurry->sum));
        }
        $told = false;
        $entries = [];
        $process = $process->map(static function (Deed $d) use ($in, $slurry, $variables, $refused, &$told, &$entries): Deed {
            if (!$d->act->kind->thickens() || !$d->remains() || Stage::Before === $d->stage) {
                return $d;
            }
            if ($slurry->grams >= 1 && !$refused && !$told) {
                $told = true;

                return $d->in(Stage::Finish)->otherwise(
                    $d->is(ActKind::ButterAndStarch) ? 'butter-and-starch-on-hob' : 'thicken-on-hob', $variables,
                );
            }
            $gone = $d->gone($slurry->grams < 1 && !$told ? 'thick-enough' : '');
            array_push($entries, ...('' === $gone->code ? [] : $in->step($gone)));

            return $gone;
        });
        $process = self::withoutItsRest($process->noting(...$entries));

        return $told || $refused || $slurry->grams < 1
            ? $process
            : $process->finishing(Deed::added(
                ActKind::Slurry, Stage::Finish, 'thicken-on-hob', [], $variables,
            )->refusedBy('thicken', false));
    }
}
