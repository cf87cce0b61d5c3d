<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\MeatOfferView;
use Pausis\App\Kitchen\House;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Shop\MeatOffer;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\TaskKind;

/** Meat for a dinner, in words. */
final readonly class MeatPresenter
{
    /** Minutes that are no waiting. */
    private const JUST_IN_TIME = 5.0;

    public function __construct(private Wording $wording, private House $house)
    {
    }

    public function offer(MeatOffer $offer): MeatOfferView
    {
        $measures = $this->house->measures();
        $day = $offer->day();
        $braise = $offer->braise;
        $weight = $measures->mass(1000 * $offer->kilograms);
        $works = null !== $day && null !== $braise;

        return new MeatOfferView(
            $offer->cut->id, $offer->form->value, $offer->cut->name,
            $this->wording->say("form.{$offer->form->value}", $measures, ['pieces' => $offer->pieces]), $weight, $works,
            $works ? $this->wording->label('setting', $braise->chosen->choice->value) : '',
            $works
                ? $this->wording->say('meat.day', $measures, [
                    'on' => $measures->clock($day->switchOn, $day->serve),
                    'ready' => $measures->clock($day->at(TaskKind::LikelyReady)->at ?? $day->serve, $day->serve),
                ])
                : $this->whyNot($offer, $measures),
            $works ? $this->wording->say('meat.hold', $measures, [
                'minutes' => max(0.0, $day->holdMinutes), 'past' => $day->isPastBest() ? 'yes' : 'no',
                'share' => round(10 * $day->pastShare), 'waits' => $day->holdMinutes < self::JUST_IN_TIME ? 'no' : 'yes',
            ]) : '',
            null === $braise ? '' : $this->window($offer, $measures),
            $works ? $day->switchOn->format(\DATE_ATOM) : '',
            $works ? $day->serve->format(\DATE_ATOM) : '',
            $works ? RibbonPresenter::pots($braise->windows($braise->chosen), $braise->order->wishes->texture) : [],
            array_map(static fn (int|float $place): float => (float) $place, $offer->rank()),
            [
                'meat' => ['cut' => $offer->cut->id, 'weight' => $weight, 'pieces' => (string) $offer->pieces, 'thickness' => ''],
                'setting' => 'auto',
            ],
        );
    }

    private function window(MeatOffer $offer, Measures $measures): string
    {
        $braise = $offer->braise ?? throw new \LogicException('No window of nothing.');
        $window = $braise->window($braise->chosen, $braise->order->wishes->texture);

        return $measures->span($window->earliest, $window->latest);
    }

    private function whyNot(MeatOffer $offer, Measures $measures): string
    {
        foreach ($offer->problems as $problem) {
            return $this->wording->problem($problem, $measures)->message;
        }
        $unsafe = $offer->braise?->chosen->unsafe;
        $day = $offer->braise?->day();

        return null !== $unsafe
            ? $this->wording->say("finding.$unsafe->rule", $measures, $unsafe->variables)
            : $this->wording->say('day.clash', $measures, [
                'reason' => $this->wording->label('clash-short', $day instanceof Clash ? $day->reason->value : 'too-soon'),
            ]);
    }
}
