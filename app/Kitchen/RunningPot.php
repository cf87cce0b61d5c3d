<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\CookRecord;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\CookFacts;
use Pausis\Core\Adaptation\FollowCook;
use Pausis\Core\Adaptation\FollowedCook;
use Pausis\Core\Adaptation\LostPower;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\RunningCook;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;

/**
 * A stored cook as the core follows it, every time in the house's zone.
 *
 * @phpstan-import-type CookEvent from CookRecord
 */
final readonly class RunningPot
{
    public function __construct(private DraftOrder $orders, private Drafts $drafts, private House $house, private FollowCook $follow)
    {
    }

    public function followed(CookRecord $cook, BraiseOrder $order): FollowedCook
    {
        return $this->follow->follow($order, $this->running($cook), $this->house->now());
    }

    /**
     * What the braise was when the pot was switched on.
     *
     * @throws \LogicException if it no longer adapts, which it did when the cook began
     */
    public function order(CookRecord $cook): BraiseOrder
    {
        $draft = DraftOrder::identified($this->drafts->fromArray([
            ...$cook->draft, 'away' => $this->stillHere($cook->draft['away'] ?? []),
        ]));
        $problems = new Problems();
        $order = $this->orders->order(
            $draft, $this->orders->understood($draft), $this->house->record(), $this->switchedOn($cook)->modify('-1 day'), $problems,
            $cook->cooker(),
        );

        return $order ?? throw new \LogicException('A running cook must have an order: '.json_encode($problems->all()));
    }

    public function switchedOn(CookRecord $cook): \DateTimeImmutable
    {
        return $cook->switchedOn->setTimezone($this->house->record()->zone());
    }

    public function running(CookRecord $cook): RunningCook
    {
        $evidence = $turned = $cuts = [];
        $boiled = $taken = 0.0;
        $thawed = false;
        foreach ($cook->events as $event) {
            $at = Duration::seconds(max(
                0.0, (float) ((new \DateTimeImmutable($event['at']))->getTimestamp() - $cook->switchedOn->getTimestamp()),
            ));
            match ($event['kind']) {
                'fork' => $evidence[] = new ForkTest($at, ForkAnswer::from($event['value'])),
                'turned' => $turned[] = new SettingChange($at, Setting::from($event['value'])),
                'power' => $cuts[] = new LostPower(new PowerCut($at, Duration::minutes((float) $event['value'])), $event['home'] ?? false),
                'boiled' => $boiled = max($boiled, (float) $event['value']),
                'took-out' => $taken += (float) $event['value'],
                'thawed' => $thawed = true,
                default => null,
            };
        }
        $begun = $cook->last('begun');

        return new RunningCook($this->switchedOn($cook), ProgramChoice::from($cook->program), $evidence, $turned,
            null === $begun ? null : (new \DateTimeImmutable($begun['at']))->setTimezone($this->house->record()->zone()), $cuts,
            new CookFacts($boiled > 0 ? Duration::minutes($boiled) : null, $taken > 0 ? Mass::grams($taken) : null, $thawed));
    }

    /** @return list<mixed> the times of those who still live here */
    private function stillHere(mixed $away): array
    {
        $people = ['', ...array_column($this->house->record()->people, 'id')];

        return array_values(array_filter(
            (array) $away, static fn (mixed $one): bool => \in_array(((array) $one)['who'] ?? '', $people, true),
        ));
    }
}
