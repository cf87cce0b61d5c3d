<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\ComparedView;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;

/** A changed braise beside the one as it is. */
final readonly class ComparisonPresenter
{
    /** Smaller differences are none in a kitchen. */
    private const MINUTES = 5.0;
    private const MILLILITRES = 10.0;

    public function __construct(
        private Wording $wording, private House $house, private AdaptationPresenter $adaptations, private RibbonPresenter $ribbons,
    ) {
    }

    public function compare(WorkedBraise $changed, WorkedBraise $now): ComparedView
    {
        $measures = $this->house->measures();
        $braise = $changed->adapted;
        if (null === $braise) {
            $problem = $changed->problems->all()[0] ?? null;

            return new ComparedView(null === $problem ? '' : $this->wording->problem($problem, $measures)->message, false, '', '', null);
        }

        return new ComparedView(
            $this->adaptations->verdict($braise, $measures), $braise->day() instanceof DayPlan && null === $braise->forbidden(),
            $measures->volume($braise->chosen->sauce->load), null === $now->adapted ? '' : $this->moved($braise, $now->adapted),
            $this->ribbons->planned($braise, $changed->whole, $this->house->now(), $measures),
        );
    }

    private function moved(AdaptedBraise $braise, AdaptedBraise $now): string
    {
        [$day, $before] = [$braise->day(), $now->day()];
        $minutes = $day instanceof DayPlan && $before instanceof DayPlan
            ? abs($day->switchOn->getTimestamp() - $before->switchOn->getTimestamp()) / 60
            : 0.0;
        $millilitres = abs($braise->chosen->sauce->load - $now->chosen->sauce->load);

        return $minutes < self::MINUTES && $millilitres < self::MILLILITRES && $braise->chosen->choice === $now->chosen->choice
            ? ''
            : $this->wording->say('compare.moved', $this->house->measures(), [
                'minutes' => $minutes, 'ml' => $millilitres, 'time' => $minutes < self::MINUTES ? 'no' : 'yes',
                'liquid' => $millilitres < self::MILLILITRES ? 'no' : 'yes',
                'setting' => $braise->chosen->choice === $now->chosen->choice
                    ? 'none'
                    : $this->wording->label('setting', $braise->chosen->choice->value),
            ]);
    }
}
