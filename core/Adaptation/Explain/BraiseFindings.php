<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\AtLevel;
use Pausis\Core\Adaptation\Change\Change;
use Pausis\Core\Adaptation\Change\CutInto;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Change\ThawedFirst;
use Pausis\Core\Adaptation\Change\WithEffort;
use Pausis\Core\Adaptation\Change\WithoutTimer;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Evaluate\PotRun;
use Pausis\Core\Adaptation\FurtherMeat;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\NeverAsPrinted;
use Pausis\Core\Adaptation\Rules\PreparedAhead;
use Pausis\Core\Adaptation\Rules\Process;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Thawing;
use Pausis\Core\Recipe\Hazard;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;

/** What worries about a braise, the most serious first, each with the change that helps where a run of the model confirms one. */
final class BraiseFindings
{
    /** Of everything in the pot. */
    private const UNEATABLE_SALT_PERCENT = 4.0;
    private const SOLUBLE_SALT_PERCENT = 26.0;

    /** @var array<string, WayOut> by rule */
    private array $remedies = [];

    public function __construct(private readonly Evaluation $evaluation)
    {
    }

    /** @return array{list<Finding>, array<string, WayOut>} and what helps, by rule */
    public function of(AdaptedBraise $braise): array
    {
        $this->remedies = [];
        $order = $braise->order;
        $chosen = $braise->chosen;
        $geometry = $chosen->filling->geometry;
        $findings = array_map(
            fn (Finding $f): Finding => $this->madeToFit($order, $f), Rules::room($geometry, $chosen->sauce->load),
        );
        $delay = PotRun::delay($order, $chosen->work);
        if (Severity::Warn === $delay?->severity) {
            $findings[] = $delay;
        }
        $refusals = PotRun::refusals($order, $chosen->work);
        foreach ($refusals as $refusal) {
            $findings[] = match (true) {
                str_starts_with($refusal->rule, 'delayed') => $this->remedied($refusal, 'no-delay', new WithoutTimer()),
                'frozen-in-recipe' === $refusal->rule => $this->remedied($refusal, 'thaw-first', new ThawedFirst()),
                default => $refusal,
            };
        }
        if (null !== $chosen->unsafe && [] === $refusals) {
            $findings[] = $this->withRemedy($braise, $chosen->unsafe);
        }
        array_push(
            $findings, ...PreparedAhead::in($order->recipe->dish->acts())->findings(), ...self::neverAsPrinted($chosen->process),
        );
        if ([] !== $order->meat->others) {
            $findings[] = self::severalMeats($order, $chosen);
        }
        array_push($findings, ...$this->thawed($braise), ...$this->held($braise));
        if ($chosen->salt->percentBefore > self::UNEATABLE_SALT_PERCENT) {
            $findings[] = new Finding('too-salty-to-eat', Severity::Warn, [
                'percent' => $chosen->salt->percentBefore,
                'dissolves' => $chosen->salt->percentBefore > self::SOLUBLE_SALT_PERCENT ? 'no' : 'yes',
            ]);
        }
        array_push($findings, ...$this->shortcuts($order), ...Rules::pulses($order->recipe->ingredients, $order->leftOut()));
        $out = array_map(static fn (TakeOut $t): string => $t->name, $order->toTakeOut());
        foreach (Rules::contents(
            $order->meat->all(), $geometry->shareCovered($chosen->sauce->load), [...$order->potIngredients(), ...$order->besideThePot()],
            $out,
        ) as $finding) {
            $findings[] = 'lean-in-own-juices' === $finding->rule
                ? $this->remedied($finding, 'level-'.LevelSchool::Third->value, new AtLevel(LevelSchool::Third))
                : $finding;
        }
        $findings = array_map(
            static fn (Finding $f): Finding => $f->isOfQuality() && $order->choices->refuses($f->notedAs()) ? $f->noted() : $f, $findings,
        );
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return [$findings, $this->remedies];
    }

    /** @return list<Finding> what has to be seen to of meat that is frozen yet */
    private function thawed(AdaptedBraise $braise): array
    {
        $order = $braise->order;
        $day = $braise->day();
        if (!$order->meat->beforehand->thaws || !$day instanceof DayPlan) {
            return [];
        }
        $hours = ['hours' => Thawing::of($order->meat->all())->inHours()];

        return [null === (new BraiseJobs($order, $braise->chosen->work))->thawsBy($day->switchOn)
            ? new Finding('no-time-to-thaw', Severity::Refuse, $hours) : new Finding('thaws-first', Severity::Note, $hours)];
    }

    /** @return list<Finding> where the meat waits for the plate too long for its best */
    private function held(AdaptedBraise $braise): array
    {
        $day = $braise->day();
        if (!$day instanceof DayPlan) {
            return [];
        }
        $served = ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600;
        $past = new Finding(
            'past-best-before-serving', Severity::Warn, ['holdMinutes' => $day->holdMinutes, 'ofTen' => round(10 * $day->pastShare)],
        );

        return array_values(array_filter([
            $day->isPastBest() ? $this->heldShorter($past, $braise) : null,
            Rules::leanHeld($braise->order->meat->joint, $braise->chosen->best->doseAt($served)),
        ]));
    }

    /** @return list<Finding> what the recipe asks for and is done its safe way */
    private static function neverAsPrinted(Process $process): array
    {
        $found = [];
        foreach ($process->deeds as $deed) {
            if (str_starts_with($deed->code, NeverAsPrinted::CODE)
                && Hazard::from(substr($deed->code, \strlen(NeverAsPrinted::CODE)))->isGrave()) {
                $found[$deed->code] = new Finding($deed->code, Severity::Refuse, handled: true);
            }
        }

        return array_values($found);
    }

    /** Whose the hours are, where several meats lie in the pot. */
    private static function severalMeats(BraiseOrder $order, Outcome $chosen): Finding
    {
        return new Finding('several-meats', Severity::Note, [
            'slowest' => $chosen->slowest->cut->name,
            'list' => implode(', ', array_map(static fn (FurtherMeat $m): string => $m->name, $order->meat->others)),
        ]);
    }

    private function remedied(Finding $finding, string $code, Change ...$changes): Finding
    {
        $this->remedies[$finding->rule] = new WayOut($code, array_values($changes));

        return $finding->remediedBy($code);
    }

    /** @return list<Finding> what leaving out the pan costs */
    private function shortcuts(BraiseOrder $order): array
    {
        $findings = [];
        if (Effort::Cold === $order->handling->effort) {
            foreach ($order->potIngredients() as $i) {
                if (($i->food->alcohol ?? 0.0) > 0 && $i->role->isPoured()) {
                    $findings[] = $this->remedied(
                        new Finding('raw-wine', Severity::Warn, ['food' => $i->foodText]), 'effort-'.Effort::Meat->value,
                        new WithEffort(Effort::Meat),
                    );
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
        $tries = [
            ['level-'.LevelSchool::OwnJuices->value, new AtLevel(LevelSchool::OwnJuices)], ['cut-in-2', new CutInto(2)],
            ['cut-in-4', new CutInto(4)],
        ];
        foreach ($tries as [$code, $change]) {
            $changed = $change->of($order);
            $pot = $this->evaluation->pots->load($changed, ProgramChoice::High);
            $left = Rules::room($pot->geometry, $pot->sauce->load);
            if (!\in_array(Severity::Refuse, array_map(static fn (Finding $f): Severity => $f->severity, $left), true)) {
                return $this->remedied($finding, $code, $change);
            }
        }

        return $finding;
    }

    private function heldShorter(Finding $finding, AdaptedBraise $braise): Finding
    {
        foreach ($braise->outcomes as $outcome) {
            $day = $braise->days[$outcome->choice->value];
            if ($braise->works($outcome) && $day instanceof DayPlan && !$day->isPastBest()) {
                return $this->remedied($finding, 'setting-'.$outcome->choice->value, new RunOn($outcome->choice));
            }
        }

        return $finding;
    }

    /** The first way out that the model and the day confirm: another setting, or the joint cut up. */
    private function withRemedy(AdaptedBraise $braise, Finding $finding): Finding
    {
        foreach ($braise->outcomes as $outcome) {
            if ($braise->works($outcome)) {
                return $this->remedied($finding, 'setting-'.$outcome->choice->value, new RunOn($outcome->choice));
            }
        }
        foreach ([2, 4] as $parts) {
            $cut = new CutInto($parts);
            $smaller = $this->evaluation->outcome($cut->of($braise->order), ProgramChoice::High);
            if (null === $smaller->unsafe && OwnDay::of($cut->of($braise->order), $smaller, $braise->order->serveAt) instanceof DayPlan) {
                return $this->remedied($finding, "cut-in-$parts", $cut, new RunOn(ProgramChoice::High));
            }
        }

        return $finding;
    }
}
