<?php

declare(strict_types=1);

namespace Pausis\Core\Following\Internal;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\LoadedPot;
use Pausis\Core\Adaptation\Evaluate\PotRun;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Following\LostPower;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;
use Pausis\Core\Tenderness\Doneness;

/** What is wrong with a pot that is on. It is followed all the same; each rule says what to do now, or to throw it away. */
final readonly class CookFlags
{
    public const TURN_HIGH = 'turn-high';
    public const FINISH_ELSEWHERE = 'finish-elsewhere';
    public const THROW_AWAY = 'throw-away';

    public function __construct(private Simulation $simulation)
    {
    }

    /**
     * @param LoadedPot $pot as it has been run so far
     *
     * @return list<Finding> the most serious first
     */
    public function of(
        BraiseOrder $order, RunningCook $cook, LoadedPot $pot, Work $work, Program $program, Outcome $run,
        \DateTimeImmutable $now,
    ): array {
        $elapsed = max(0.0, ($now->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600);
        $out = $work->outOfFridge() + $order->meat->beforehand->onTheCounter()->inMinutes();
        $best = $pot->best;
        $slow = Rules::heatingUp($this->fridgeTo60($run, $pot, $out));
        $boiled = $cook->facts->beansBoiled?->inMinutes() ?? 0.0;
        $ready = null !== $cook->readyAfter($order->wishes->texture);
        $flags = [
            ...PotRun::refusals($order, $work),
            ...array_values(array_filter(
                Rules::pulses($order->recipe->ingredients, []),
                static fn (Finding $f): bool => Severity::Refuse === $f->severity && $boiled < Rules::BEAN_MINUTES,
            )),
            ...array_values(array_filter(
                Rules::room($pot->geometry, $pot->sauce->load), static fn (Finding $f): bool => $f->forbids(),
            )),
            null === $slow ? null : $this->warmedUp($slow, $pot, $program, $run, $elapsed, $out, $order),
            ...array_map(
                fn (LostPower $l): ?Finding => $this->afterCut($l, $cook, $order, $run, $best, null !== $slow, $elapsed), $cook->cuts,
            ),
            // What was chilled is out of the pot.
            null !== $cook->eaten && null !== $order->handling->eatenOn
                ? null : self::onWarm($program, $run, $best, $order, $elapsed, $ready),
            // Meat that is out of the pot goes no further.
            null === $cook->lifted && null === $cook->eaten ? self::pastBest($run, $elapsed) : null,
            null === $cook->lifted || null !== $cook->eaten ? null : Rules::liftedOut(self::out($order, $work, $cook->lifted, $now)),
            $now < $cook->switchedOn ? new Finding('clock-behind', Severity::Warn) : null,
        ];
        $flags = array_values(array_filter($flags));
        usort($flags, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $flags;
    }

    /** How long lifted meat is out by the time it is eaten: until dinner, or as long as what is still done with it takes. */
    private static function out(BraiseOrder $order, Work $work, \DateTimeImmutable $lifted, \DateTimeImmutable $now): Duration
    {
        $out = (max($now, $order->serveAt)->getTimestamp() - $lifted->getTimestamp()) / 60;

        return Duration::minutes(max(0.0, $out, $work->fromLiftToPlate()));
    }

    /** Turned to High where that still brings it past 60 °C in time, finished elsewhere while there is time, and else thrown away. */
    private function warmedUp(
        Finding $slow, LoadedPot $pot, Program $program, Outcome $run, float $elapsed, float $minutesOut, BraiseOrder $order,
    ): Finding {
        if ($elapsed + $minutesOut / 60 >= Rules::HOURS_TO_60) {
            return $slow->remediedBy(self::THROW_AWAY);
        }
        $setup = $pot->setup->running($program->turnedTo(Setting::High, Duration::hours($elapsed), $order->cooker), $pot->setup->events);
        $turned = $run->otherwise($this->simulation, $setup, AdaptBraise::HORIZON);
        $inTime = null === Rules::heatingUp($this->fridgeTo60($turned, $pot->running($setup, $pot->best), $minutesOut));

        return $slow->remediedBy($inTime ? self::TURN_HIGH : self::FINISH_ELSEWHERE);
    }

    /** Of the meat that is slowest. */
    private function fridgeTo60(Outcome $run, LoadedPot $pot, float $minutesOut): float
    {
        $hours = Rules::fridgeTo60($run->core60(), $run->pot60(), $minutesOut);
        foreach ($pot->colder as $other) {
            $colder = $run->otherwise($this->simulation, $other, AdaptBraise::HORIZON);
            $hours = max($hours, Rules::fridgeTo60($colder->core60(), $colder->pot60(), $minutesOut));
        }

        return $hours;
    }

    private function afterCut(
        LostPower $lost, RunningCook $cook, BraiseOrder $order, Outcome $run, Course $best, bool $tooSlow, float $elapsed,
    ): ?Finding {
        $at = $lost->cut->at()->inHours();
        $ready = $cook->readyAfter($order->wishes->texture)?->inHours() ?? $run->doneness($order->wishes->texture)->likely ?? \INF;
        $minutes = 0.0;
        foreach ($best->trace as $k => $row) {
            $warmBefore = $k > 0 && ($best->trace[$k - 1][1] >= Rules::HOLDING_CELSIUS || $minutes > 0);
            $minutes += $k > 0 && $row[0] > $at && $row[0] <= $elapsed && $row[1] < Rules::HOLDING_CELSIUS && $warmBefore
                ? 60 * ($row[0] - $best->trace[$k - 1][0])
                : 0.0;
        }

        return Rules::powerCut($lost->someoneHome, $ready <= $at, Duration::minutes($minutes), $tooSlow);
    }

    private static function onWarm(Program $program, Outcome $run, Course $best, BraiseOrder $order, float $elapsed, bool $ready): ?Finding
    {
        $warm = $program->warmFrom()?->inHours();
        if (null === $warm || $elapsed < $warm) {
            return null;
        }
        $held = array_filter($best->trace, static fn (array $row): bool => $row[0] >= $warm && $row[0] <= $elapsed);
        $coolest = [] === $held ? Rules::HOLDING_CELSIUS : min(array_column($held, 1));
        $latest = $run->doneness($order->wishes->texture)->latest;
        $finding = Rules::onWarm(
            Duration::hours($elapsed - $warm), Temperature::celsius($coolest), $ready || (null !== $latest && $latest <= $warm),
        );

        return 'cooking-on-warm' === $finding?->rule ? $finding->remediedBy(self::TURN_HIGH) : $finding;
    }

    private static function pastBest(Outcome $run, float $elapsed): ?Finding
    {
        $past = $run->doneness(Doneness::Past);

        return match (true) {
            null !== $past->likely && $elapsed >= $past->likely => new Finding('past-best-now', Severity::Warn, ['hours' => $elapsed]),
            null !== $past->earliest && $elapsed >= $past->earliest => new Finding(
                'past-best-maybe', Severity::Warn, ['hours' => $elapsed],
            ),
            default => null,
        };
    }
}
