<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Adaptation\ClosingStarch;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Rescue;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;

/**
 * The recipe's starch at the end is the thickening, in the amount that this sauce wants; another body is exchanged for it where the
 * cook wants one, and none goes in where none is wanted.
 */
final readonly class Thickening implements Rule
{
    /** Grams of starch by which the recipe's own amount may differ from what this sauce wants, as a share of it. */
    private const AS_MUCH = 0.1;
    /** Of vegetables. */
    private const WORTH_BLENDING = 100.0;

    public function applied(Process $process, Circumstances $in): Process
    {
        $own = ClosingStarch::of($in->order->recipe->dish, $in->order->choices);
        if ($in->body->isOwn && null !== $own && null === $own->thickener) {
            return $process;
        }
        if (ThickenedBy::Blending === $in->body->by && null !== $in->order->wishes->thickness) {
            return $this->blended($process, $in);
        }
        $asWritten = $in->body->isOwn && null !== $own && abs($in->offered->grams - $own->grams) <= self::AS_MUCH * $own->grams;

        return $this->thickened($process, $in, $own, $asWritten);
    }

    private function thickened(Process $process, Circumstances $in, ?ClosingStarch $own, bool $asWritten): Process
    {
        $slurry = $in->offered;
        $variables = self::variables($in, $own);
        $refused = $in->refuses('thicken');
        if ($slurry->grams >= 1 && (!$asWritten || $refused)) {
            $process = $process->noting($in->entry('thicken', 'thicken', [
                ...$variables, 'spoons' => $slurry->tablespoons(),
                'thickness' => $in->order->wishes->thickness->value ?? SauceBody::AS_THE_RECIPE,
                'ownGrams' => $own->grams ?? 0.0, 'own' => ($own->grams ?? 0.0) > 0 ? 'yes' : 'no',
            ], $slurry->sum));
        }
        $code = ThickenedBy::FlourAndButter === $in->body->by ? 'butter-and-starch-on-hob' : 'thicken-on-hob';
        $told = null;
        $entries = [];
        $process = $process->map(static function (Deed $d) use (
            $in, $slurry, $variables, $refused, $asWritten, $code, &$told, &$entries,
        ): Deed {
            if (!$d->act->kind->thickens() || $d->isBeside || !$d->remains() || Stage::Before === $d->stage) {
                return $d;
            }
            if (null !== $told && !$asWritten) {
                return $d->toldWith($told);
            }
            if ($slurry->grams >= 1 && !$refused) {
                $told = $d;

                return $asWritten ? $d->in(Stage::Finish) : $d->in(Stage::Finish)->otherwise($code, $variables);
            }
            $gone = $d->gone($slurry->grams < 1 ? 'thick-enough' : '');
            array_push($entries, ...('' === $gone->code ? [] : $in->step($gone)));

            return $gone;
        });
        $process = self::withoutItsRest($process->noting(...$entries));

        if (null !== $told || $refused || $slurry->grams < 1) {
            return $process;
        }
        $kind = ThickenedBy::FlourAndButter === $in->body->by ? ActKind::ButterAndStarch : ActKind::Slurry;
        $added = Deed::added($kind, Stage::Finish, $code, [], $variables);

        return $process->finishing($added->refusedBy('thicken', false));
    }

    /** The vegetables that are there, in the stead of starch. */
    private function blended(Process $process, Circumstances $in): Process
    {
        $refused = $in->refuses('thicken');
        $grams = array_sum(array_map(
            static fn (Ingredient $i): float => Role::Vegetable === $i->role ? (float) $i->grams : 0.0, $in->order->potIngredients(),
        ));
        if ($grams < self::WORTH_BLENDING) {
            return $process->noting(new LedgerEntry('nothing-to-blend'));
        }
        $sauce = $in->sauce->atEnd->total - $in->sauce->reduce;
        $starch = Rescue::blended($grams);
        $sum = new Sum('blended', 'g', [new Term('of-vegetables', $starch, ['grams' => $grams, 'sauceGrams' => $sauce])]);
        $process = $process->noting($in->entry(
            'blend-instead', 'thicken', ['thickness' => Thickness::of($starch / max(1.0, $sauce))->value, 'grams' => $grams], $sum,
        ))->map(
            static fn (Deed $d): Deed => $d->act->kind->thickens() && !$d->isBeside && Stage::Before !== $d->stage && !$refused
                ? $d->gone() : $d,
        );

        return $refused || $process->does(Stage::Finish, ActKind::Blend, ActKind::Mash)
            ? $process
            : $process->finishing(Deed::added(ActKind::Blend, Stage::Finish, 'blend')->refusedBy('thicken', false));
    }

    /** @return array<string, float|int|string> */
    private static function variables(Circumstances $in, ?ClosingStarch $own): array
    {
        $cold = [];
        foreach ($in->order->recipe->dish->acts() as $act) {
            $cold = null !== $own && $act->kind->thickens() && [] !== array_intersect($act->foods, $own->foods)
                ? array_diff($act->foods, $own->foods)
                : $cold;
        }
        $into = array_filter(array_map(
            static fn (string $id): string => true === $in->order->recipe->dish->ingredient($id)?->role->isPoured()
                ? $in->order->recipe->dish->ingredient($id)->foodText
                : '',
            $cold,
        ));

        return [
            'thickener' => $in->offered->thickener->value, 'grams' => $in->offered->grams, 'coldMl' => $in->offered->coldMillilitres,
            'into' => [] === $into ? 'none' : implode(', ', $into),
        ];
    }

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
}
