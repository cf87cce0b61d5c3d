<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Internal;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SettingOutcome;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Heat\Course;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;

/** What worries about a braise, the most serious first, each with the change that helps where a run of the model confirms one. */
final readonly class BraiseFindings
{
    public function __construct(private PotRun $pots)
    {
    }

    /**
     * @param list<SettingOutcome> $outcomes
     *
     * @return list<Finding>
     */
    public function of(BraiseOrder $order, SettingOutcome $chosen, array $outcomes): array
    {
        $findings = array_map(fn (Finding $f): Finding => $this->madeToFit($order, $f), Rules::room($chosen->geometry, $order->joint, $chosen->sauce->load));
        $delay = PotRun::delay($order, $chosen->before);
        if (Severity::Warn === $delay?->severity) {
            $findings[] = $delay;
        }
        $refusals = PotRun::refusals($order, $chosen->before);
        foreach ($refusals as $refusal) {
            $findings[] = str_starts_with($refusal->rule, 'delayed') ? $refusal->remediedBy('no-delay') : $refusal;
        }
        if (null !== $chosen->unsafe && [] === $refusals) {
            $findings[] = $this->withRemedy($order, $chosen->unsafe, $outcomes);
        }
        array_push($findings, ...PreparedAhead::in($order->steps)->findings());
        $day = $chosen->day;
        if ($day instanceof DayPlan && $day->pastBest) {
            $findings[] = $this->heldShorter(new Finding('past-best-before-serving', Severity::Warn, ['holdMinutes' => $day->holdMinutes]), $outcomes);
        }
        if ($day instanceof DayPlan) {
            $served = ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600;
            $findings[] = Rules::leanHeld($order->joint, self::doseAt($chosen->best, $served));
        }
        $findings = array_values(array_filter($findings));
        array_push($findings, ...self::shortcuts($order), ...Rules::pulses($order->ingredients, $order->leftOut()));
        foreach (Rules::contents($order->joint, $chosen->geometry->shareCovered($chosen->sauce->load), [...$order->potIngredients(), ...$order->besideThePot()], $order->toTakeOut()) as $finding) {
            $findings[] = 'lean-in-own-juices' === $finding->rule ? $finding->remediedBy('level-'.LevelSchool::Third->value) : $finding;
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }

    /** @return list<Finding> what leaving out the pan costs */
    private static function shortcuts(BraiseOrder $order): array
    {
        $findings = [];
        if (Effort::Cold === $order->handling->effort) {
            foreach ($order->potIngredients() as $i) {
                if (($i->food->alcohol ?? 0.0) > 0 && $i->role->isPoured()) {
                    $findings[] = (new Finding('raw-wine', Severity::Warn, ['food' => $i->foodText]))->remediedBy('effort-'.Effort::Meat->value);
                    break;
                }
            }
        }
        if (LayerOrder::MeatUnder === $order->handling->layers) {
            $findings[] = new Finding('roots-on-top', Severity::Note);
        }

        return $findings;
    }

    /** What is too full or doesn't fit, with the first smaller cut or lower level that the geometry confirms. */
    private function madeToFit(BraiseOrder $order, Finding $finding): Finding
    {
        if (Severity::Refuse !== $finding->severity) {
            return $finding;
        }
        $low = $order->atLevel(LevelSchool::OwnJuices);
        $tries = ['level-'.LevelSchool::OwnJuices->value => $low];
        foreach ([2, 4] as $parts) {
            $tries["cut-in-$parts"] = $order->withJoint($order->joint->cutInto($parts));
        }
        foreach ($tries as $remedy => $changed) {
            $pot = $this->pots->load($changed, ProgramChoice::High);
            $left = Rules::room($pot->geometry, $changed->joint, $pot->sauce->load);
            if (!\in_array(Severity::Refuse, array_map(static fn (Finding $f): Severity => $f->severity, $left), true)) {
                return $finding->remediedBy($remedy);
            }
        }

        return $finding;
    }

    /** @param list<SettingOutcome> $outcomes */
    private function heldShorter(Finding $finding, array $outcomes): Finding
    {
        foreach ($outcomes as $outcome) {
            if ($outcome->works() && $outcome->day instanceof DayPlan && !$outcome->day->pastBest) {
                return $finding->remediedBy('setting-'.$outcome->choice->value);
            }
        }

        return $finding;
    }

    /**
     * The first way out that a run of the model confirms: another setting, or the joint cut up.
     *
     * @param list<SettingOutcome> $outcomes
     */
    private function withRemedy(BraiseOrder $order, Finding $finding, array $outcomes): Finding
    {
        foreach ($outcomes as $outcome) {
            if (null === $outcome->unsafe) {
                return $finding->remediedBy('setting-'.$outcome->choice->value);
            }
        }
        foreach ([2, 4] as $parts) {
            $cut = $order->withJoint($order->joint->cutInto($parts));
            if (null === $this->pots->outcome($cut, ProgramChoice::High)->unsafe) {
                return $finding->remediedBy("cut-in-$parts");
            }
        }

        return $finding;
    }

    private static function doseAt(Course $best, float $hour): float
    {
        $dose = 0.0;
        foreach ($best->trace as $row) {
            if ($row[0] > $hour) {
                break;
            }
            $dose = $row[3];
        }

        return $dose;
    }
}
