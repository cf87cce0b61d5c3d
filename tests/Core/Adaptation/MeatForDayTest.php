<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Shop\Form;
use Pausis\Core\Adaptation\Shop\MeatForDay;
use Pausis\Core\Adaptation\Shop\MeatOffer;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use PHPUnit\Framework\TestCase;

/** Which meat for a day: sketched quickly, near what it comes to when it is taken. */
final class MeatForDayTest extends TestCase
{
    /** Hours by which a sketch may be off in the middle, and the share by which its spread may. */
    private const MIDDLE = 0.6;
    private const SPREAD = 0.45;

    public function testASketchIsNearWhatTheMeatComesToWhenItIsTaken(): void
    {
        $adapt = new AdaptBraise();
        $order = self::order();
        foreach (['pork-shoulder', 'lamb-neck', 'chicken-thigh', 'beef-cheek'] as $id) {
            foreach (self::offers($order, self::cut($id)) as $offer) {
                self::assertNotNull($offer->braise);
                $exact = $adapt->adapt($offer->braise->order);
                foreach ($offer->braise->outcomes as $k => $sketched) {
                    self::assertSame($sketched->choice, $exact->outcomes[$k]->choice);
                    $level = $order->wishes->texture->value;
                    [$about, $is] = [$sketched->windows[$level], $exact->outcomes[$k]->windows[$level]];
                    self::assertEqualsWithDelta($is->likely, $about->likely, self::MIDDLE, "$id, {$offer->form->value}");
                    self::assertEqualsWithDelta(
                        1.0, ($about->latest - $about->earliest) / max(0.01, $is->latest - $is->earliest), self::SPREAD, $id,
                    );
                    self::assertSame(null === $exact->outcomes[$k]->unsafe, null === $sketched->unsafe, "$id is as safe as it is");
                }
            }
        }
    }

    public function testHowMuchToBuyFeedsAsManyAsAreAtTable(): void
    {
        foreach (Cuts::load()->all() as $cut) {
            foreach (Form::of($cut) as $form) {
                foreach ([2, 4, 8] as $serves) {
                    $grams = 1000 * MeatForDay::kilograms($cut, $form, $serves) * (1 - $cut->bone) / $serves;
                    self::assertGreaterThan(0.75 * MeatForDay::GRAMS_A_SERVING, $grams, "$cut->id for $serves");
                    if (Form::Pieces === $form) {
                        $pieces = MeatForDay::kilograms($cut, $form, $serves) / $cut->typicalPiece->kilograms;
                        self::assertEqualsWithDelta(round($pieces), $pieces, 1e-6, "whole pieces of $cut->id");
                    } else {
                        self::assertEqualsWithDelta(MeatForDay::GRAMS_A_SERVING, $grams, 60.0, "$cut->id for $serves");
                    }
                }
            }
        }
    }

    public function testSmallerPiecesAreReadySoonerAndWhatSuitsTheDayComesFirst(): void
    {
        $offers = self::offers(self::order(), self::cut('pork-shoulder'));
        $likely = array_map(
            static fn (MeatOffer $o): float => (float) $o->braise?->outcomes[1]->windows['fork']->likely, $offers,
        );

        self::assertSame([Form::Joint, Form::Halved, Form::Cubes], array_map(static fn (MeatOffer $o): Form => $o->form, $offers));
        self::assertGreaterThan($likely[2], $likely[0]);
        foreach ($offers as $offer) {
            self::assertSame(null === $offer->day() ? 1 : 0, $offer->rank()[0]);
        }
    }

    public function testTheRecipesOwnTimeTellsOnlyOfItsOwnCut(): void
    {
        $order = self::order();
        $own = self::offers($order, $order->meat->joint->cut)[0];
        $other = self::offers($order, self::cut('lamb-shank' === $order->meat->joint->cut->id ? 'oxtail' : 'lamb-shank'))[0];

        self::assertEqualsWithDelta($order->meat->joint->needHours, $own->braise?->order->meat->joint->needHours, 1e-9);
        self::assertEqualsWithDelta($other->cut->needHours, $other->braise?->order->meat->joint->needHours, 1e-9);
        self::assertNull($other->braise?->order->recipe->need);
    }

    private static function order(): BraiseOrder
    {
        foreach (Dishes::names() as [$name]) {
            return Dishes::order(Dishes::named($name));
        }
        self::fail('No dish.');
    }

    private static function cut(string $id): Cut
    {
        return Cuts::load()->find($id) ?? throw new \LogicException("No cut $id.");
    }

    /** @return list<MeatOffer> */
    private static function offers(BraiseOrder $order, Cut $cut): array
    {
        return (new MeatForDay(new AdaptBraise()))->offers($order, $cut, new Knowledge(Belief::none(), 'c', $cut, false));
    }
}
