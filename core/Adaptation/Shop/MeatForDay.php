<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Shop;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;

/**
 * Which meat would be ready for a dinner: the same braise with other cuts, each in the forms it is bought in, for as many at table.
 *
 * A sketch: the windows come of a small ensemble, for all cuts in a moment; taken, it is worked out as any braise is.
 */
final readonly class MeatForDay
{
    /** Raw, without bone; a third of it is juice in the end. docs/model.md §4. */
    public const GRAMS_A_SERVING = 280.0;

    public function __construct(private AdaptBraise $adapt)
    {
    }

    /** @return list<MeatOffer> one a form of the cut */
    public function offers(BraiseOrder $order, Cut $cut, Knowledge $knowledge): array
    {
        return array_map(fn (Form $form): MeatOffer => $this->offer($order, $cut, $form, $knowledge), Form::of($cut));
    }

    /** As much as is bought: whole pieces, else to the nearest 100 g. */
    public static function kilograms(Cut $cut, Form $form, int $serves): float
    {
        $wanted = $serves * self::GRAMS_A_SERVING / 1000 / (1 - $cut->bone);

        return Form::Pieces === $form
            ? ceil($wanted / $cut->typicalPiece->kilograms - 0.25) * $cut->typicalPiece->kilograms
            : max(0.1, round($wanted, 1));
    }

    private function offer(BraiseOrder $order, Cut $cut, Form $form, Knowledge $knowledge): MeatOffer
    {
        $kilograms = self::kilograms($cut, $form, $order->recipe->serves);
        $pieces = $form->pieces($cut, $kilograms);
        $problems = new Problems();
        $joint = Joint::tryFrom(
            $cut, $kilograms * (1 - $cut->bone), $pieces, null, $order->meat->joint->start->celsius, null, $problems,
            $knowledge->needSigma(),
        );
        if (null === $joint) {
            return new MeatOffer($cut, $form, $kilograms, $pieces, null, $problems->all());
        }
        $meat = new OrderedMeat(
            $joint->needing($joint->needHours * $knowledge->needFactor()), Mass::kilograms($kilograms * $cut->bone),
            $order->meat->beforehand,
        );

        $order = $order->ofMeat($meat, $knowledge);

        return new MeatOffer(
            $cut, $form, $kilograms, $pieces, $this->adapt->among($order, $this->adapt->evaluation->pots->sketches($order)),
        );
    }
}
