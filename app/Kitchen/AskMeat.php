<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\Learned;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\Shop\MeatForDay;
use Pausis\Core\Adaptation\Shop\MeatOffer;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;

/** Which meat would be ready for the dinner of a draft, whatever meat it has now. */
final readonly class AskMeat
{
    /** Of a draft that has none yet. */
    private const ANY_MEAT = ['meat' => ['cut' => 'beef-chuck', 'weight' => '1.2 kg', 'pieces' => '1', 'thickness' => '']];

    public function __construct(
        private DraftOrder $orders, private Drafts $drafts, private House $house, private Cuts $cuts, private Learned $learned,
        private AdaptBraise $adapt,
    ) {
    }

    /**
     * @param list<string> $cuts ids
     *
     * @return list<MeatOffer>
     *
     * @throws \Pausis\Core\Problem\InvalidInput where the draft says no cooker, dinner or servings
     */
    public function of(BraiseDraft $draft, array $cuts): array
    {
        $draft = DraftOrder::identified($this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($draft), self::ANY_MEAT)));
        $problems = new Problems();
        $order = $this->orders->order(
            $draft, $this->orders->understood($draft), $this->house->record(), $this->house->now(), $problems,
        );
        $problems->throwIfAny();
        \assert(null !== $order);
        $meat = new MeatForDay($this->adapt);
        $offers = [];
        foreach (array_filter(array_map($this->cuts->find(...), $cuts)) as $cut) {
            array_push($offers, ...$meat->offers(
                $order->choosing(null), $cut, new Knowledge($this->learned->belief(), $draft->cookerId, $cut, false),
            ));
        }

        return $offers;
    }
}
