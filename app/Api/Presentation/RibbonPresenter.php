<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\PhraseView;
use Pausis\App\Api\Wire\PotLine;
use Pausis\App\Api\Wire\RibbonView;
use Pausis\App\Api\Wire\SpanView;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Learning\Window;
use Pausis\Core\Tenderness\Doneness;

/** The day on one clock, from what is done first, or now where that is the evening before, to the fridge. */
final readonly class RibbonPresenter
{
    private const SAID = [
        'on' => TaskKind::SwitchOn, 'test' => TaskKind::ForkTest, 'likely' => TaskKind::LikelyReady, 'sauce' => TaskKind::Sauce,
        'serve' => TaskKind::Serve,
    ];
    /** Of a day that isn't planned. */
    private const HOURS_BEFORE = 12;
    private const HOURS_AFTER = 2;
    /** So long before the first work the clock of the house is shown. */
    private const NOW_HOURS = 16;

    public function __construct(private Wording $wording)
    {
    }

    public function planned(AdaptedBraise $braise, ?WholeDay $whole, \DateTimeImmutable $now, Measures $measures): RibbonView
    {
        $day = $braise->day();
        $day = $day instanceof DayPlan && null === $braise->forbidden() ? $day : null;

        return $this->ribbon(
            $braise->order, $day, null === $day ? [] : $whole->placed ?? [], $now,
            $this->wording->label('setting', $braise->chosen->choice->value),
            self::pots($braise->windows($braise->chosen), $braise->order->wishes->texture), $measures,
        );
    }

    /**
     * @param array<string, Window> $windows by doneness
     *
     * @return list<PotLine>
     */
    public static function pots(array $windows, Doneness $wanted): array
    {
        return array_map(
            static fn (?float $tender, ?float $past): PotLine => new PotLine($tender, $past),
            $windows[$wanted->value]->ofTen(), $windows[Doneness::Past->value]->ofTen(),
        );
    }

    /**
     * @param list<Placed>  $placed
     * @param list<PotLine> $pots
     */
    private function ribbon(
        BraiseOrder $order, ?DayPlan $day, array $placed, \DateTimeImmutable $now, string $setting, array $pots, Measures $measures,
    ): RibbonView {
        [$from, $to] = self::span($order, $day, $placed, $now);
        $who = new WhoIsWhere($order->kitchen->people, $from, $to);
        $at = static fn (?\DateTimeImmutable $moment): string => $moment?->format(\DATE_ATOM) ?? '';

        return new RibbonView(
            $at($from), $at($to), $at($now), $at($day?->switchOn), null === $day ? '' : $at($day->at(TaskKind::Sauce)->at ?? $day->serve),
            $at($day->serve ?? $order->serveAt), $setting, null === $day ? [] : $pots,
            null === $day ? [] : $this->phrases($day, $setting, $measures),
            array_values(array_map(
                static fn (Placed $p): SpanView => new SpanView($at($p->from), $at($p->to)),
                array_filter($placed, static fn (Placed $p): bool => $p->job->hands),
            )),
            $who->nobody(), $who->asleep(),
        );
    }

    /**
     * @param list<Placed> $placed
     *
     * @return array{\DateTimeImmutable, \DateTimeImmutable} full hours
     */
    public static function span(BraiseOrder $order, ?DayPlan $day, array $placed, \DateTimeImmutable $now): array
    {
        $serve = $day->serve ?? $order->serveAt;
        $first = null === $day ? $serve->modify('-'.self::HOURS_BEFORE.' hours') : $day->switchOn;
        $last = $serve->modify('+'.self::HOURS_AFTER.' hours');
        foreach ($placed as $one) {
            $first = min($first, $one->from);
            $last = max($last, $one->to);
        }
        $since = $first->modify('-'.self::NOW_HOURS.' hours');
        $first = $now > $since && $now < $first ? $now : $first;
        $from = $first->modify('-15 minutes');
        $to = $last->modify('+15 minutes');

        return [
            $from->setTimestamp(intdiv($from->getTimestamp(), 1800) * 1800),
            $to->setTimestamp((int) ceil($to->getTimestamp() / 1800) * 1800),
        ];
    }

    /** @return list<PhraseView> */
    private function phrases(DayPlan $day, string $setting, Measures $measures): array
    {
        $phrases = [];
        [$test, $likely] = [$day->at(TaskKind::ForkTest)?->at, $day->at(TaskKind::LikelyReady)?->at];
        $late = null !== $test && null !== $likely && $test > $likely;
        foreach (self::SAID as $kind => $task) {
            $at = $day->at($task)?->at;
            if (null !== $at) {
                $phrases[] = new PhraseView(
                    $kind, $at->format(\DATE_ATOM),
                    $this->wording->label('ribbon', 'test' === $kind && $late ? 'test-late-before' : "$kind-before"),
                    $measures->clock($at, $day->serve),
                    $this->wording->say("ribbon.$kind-after", $measures, ['setting' => $setting]),
                );
            }
        }
        usort($phrases, static fn (PhraseView $a, PhraseView $b): int => strtotime($a->at) <=> strtotime($b->at));

        return $phrases;
    }
}
