<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\EventKind;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Following\CookFacts;
use Pausis\Core\Following\LostPower;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Bubbles;
use Pausis\Core\Learning\Bubbling;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/**
 * A stored cook as the core follows it, every time in the house's zone.
 *
 * @phpstan-import-type CookEvent from CookRecord
 */
final readonly class RunningPot
{
    /** Of a draft, what may change while the pot is on. */
    private const DAY = ['serveAt', 'sides', 'ownSides', 'away', 'pins', 'serves', 'sure'];
    /** No dinner of a pot is later than so many days after it was switched on. */
    private const FARTHEST_DAYS = 3;

    public function __construct(private DraftOrder $orders, private Drafts $drafts, private House $house)
    {
    }

    /**
     * The recipe as it was when the pot was switched on; the day as it is wished now.
     *
     * @param BraiseDraft|null $wished in place of what is stored of it
     */
    public function draft(CookRecord $cook, ?BraiseDraft $wished = null): BraiseDraft
    {
        $day = array_intersect_key(null === $wished ? $cook->braise->draft : $this->drafts->toArray($wished),
            array_fill_keys(self::DAY, true));
        $typed = $day['serveAt'] ?? '';
        $serve = DraftOrder::moment(\is_string($typed) ? $typed : '', $this->house->record()->zone(), true);
        // A dinner that was moved so far is another cook's.
        if (null === $serve || $serve <= $cook->switchedOn || $serve > $cook->switchedOn->modify('+'.self::FARTHEST_DAYS.' days')) {
            unset($day['serveAt']);
        }

        return $this->drafts->fromArray([...$cook->draft, ...$day, 'away' => $this->stillHere($day['away'] ?? $cook->draft['away'] ?? [])]);
    }

    /** A cook that is over, as it was then, whatever has become of its recipe. */
    public function asCooked(CookRecord $cook): BraiseOrder
    {
        return $this->order($cook, DraftOrder::identified($this->drafts->fromArray(
            [...$cook->draft, 'away' => $this->stillHere($cook->draft['away'] ?? [])],
        )));
    }

    /**
     * What the braise was when the pot was switched on.
     *
     * @throws \LogicException if it no longer adapts, which it did when the cook began
     */
    public function order(CookRecord $cook, ?BraiseDraft $draft = null): BraiseOrder
    {
        $draft ??= DraftOrder::identified($this->draft($cook));
        $problems = new Problems();
        $order = $this->orders->order(
            $draft, $this->orders->understood($draft), $this->house->record(), $this->switchedOn($cook)->modify('-1 day'), $problems,
            $cook->cooker(),
        ) ?? throw new \LogicException('A running cook must have an order: '.json_encode($problems->all()));

        return $order->handled($order->handling->startedAt($this->switchedOn($cook), true));
    }

    public function switchedOn(CookRecord $cook): \DateTimeImmutable
    {
        return $cook->switchedOn->setTimezone($this->house->record()->zone());
    }

    public function running(CookRecord $cook): RunningCook
    {
        $evidence = $turned = $cuts = $lids = $poured = [];
        $lifted = $eaten = null;
        $boiled = $taken = $added = 0.0;
        $room = $this->house->room();
        $thawed = false;
        foreach ($cook->events as $event) {
            $at = Duration::seconds(max(
                0.0, (float) ((new \DateTimeImmutable($event['at']))->getTimestamp() - $cook->switchedOn->getTimestamp()),
            ));
            $moment = (new \DateTimeImmutable($event['at']))->setTimezone($this->house->record()->zone());
            if ('done' === $event['kind'] && 'lift-out' === $event['value']) {
                $lifted = $moment;
            }
            if ('done' === $event['kind'] && BraiseJobs::PLATE === $event['value']) {
                $eaten = $moment;
            }
            match (EventKind::from($event['kind'])) {
                EventKind::Fork => $evidence[] = new ForkTest($at, ForkAnswer::from($event['value'])),
                EventKind::Probe => $evidence[] = new ProbeReading(
                    $at, ProbePlace::tryFrom($event['place'] ?? '') ?? ProbePlace::Liquid, Temperature::celsius((float) $event['value']),
                ),
                EventKind::Turned => $turned[] = new SettingChange($at, Setting::from($event['value'])),
                EventKind::Power => $cuts[] = new LostPower(new PowerCut($at, Duration::minutes((float) $event['value'])),
                    $event['home'] ?? false),
                EventKind::Boiled => $boiled = max($boiled, (float) $event['value']),
                EventKind::TookOut => $taken += (float) $event['value'],
                EventKind::Thawed => $thawed = true,
                EventKind::Eaten => $eaten = $moment,
                EventKind::Bubbles => $evidence[] = new Bubbling($at, Bubbles::from($event['value']), $room->boilingPoint()),
                EventKind::LidOff => $lids[] = new LidLift($at, Duration::minutes((float) $event['value'])),
                EventKind::Poured => $added += (float) $event['value'],
                EventKind::Done, EventKind::NotYet, EventKind::Begun, EventKind::Sauce, EventKind::Note, EventKind::Dinner => null,
            };
            if (EventKind::Poured->value === $event['kind'] && (float) $event['value'] > 0) {
                $poured[] = new LateAddition($at, new Content(
                    Mass::grams((float) $event['value']), Role::Liquid->specificHeat(), true === ($event['hot'] ?? false)
                        ? $room->boilingPoint() : $room->temperature,
                ));
            }
        }
        $begun = $cook->last('begun');

        return new RunningCook($this->switchedOn($cook), ProgramChoice::from($cook->program), ProbeReading::merged($evidence),
            $turned,
            null === $begun ? null : (new \DateTimeImmutable($begun['at']))->setTimezone($this->house->record()->zone()), $cuts,
            new CookFacts($boiled > 0 ? Duration::minutes($boiled) : null, $taken > 0
                ? Mass::grams($taken) : null, $thawed, $added), $lifted, $eaten, self::closing($cook), $lids, $poured);
    }

    /** How its sauce is closed, as was last said; null while nobody has looked. */
    private static function closing(CookRecord $cook): ?Closing
    {
        $said = $cook->last('sauce');
        if (null === $said) {
            return null;
        }
        $thickness = Thickness::tryFrom($said['thickness'] ?? '');
        // Records of before this choice tell the thickness and the starch.
        $way = $said['way'] ?? (null === $thickness ? Closing::AS_PLANNED : ThickenedBy::Starch->value);

        // What was added or ladled off after somebody had looked is in it, or out of it, as well.
        $since = array_filter($cook->of(EventKind::Poured->value), static fn (array $e): bool => ($e['made'] ?? 0) > ($said['made'] ?? 0));
        $left = (float) $said['value'] + array_sum(array_map(static fn (array $e): float => (float) $e['value'], $since));

        return Closing::said(
            max(0.0, $left), $way, $thickness ?? Thickness::CoatsSpoon,
            Thickener::tryFrom($said['thickener'] ?? '') ?? Thickener::CornStarch,
        );
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
