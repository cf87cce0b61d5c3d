<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Internal\PreparedAhead;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Safety\Rules;

/** The recipe's steps in a slow cooker: what stays, what is done otherwise, what falls away and what is missing. */
final readonly class AdaptedMethod
{
    /** What is for safety can't be refused. */
    private const FOR_SAFETY = ['brown-just-before', 'not-kept-overnight', 'load-just-before'];
    /** Changes that the hours, the liquids and the thickener already account for in the ledger. */
    private const TOLD_ELSEWHERE = ['cook-on-setting', 'wine-first', 'thicken-on-hob'];
    private const LEAST_COOK_MINUTES = 20.0;
    private const DISTURBS = '/\b(?:turn|stir|baste|top(?:ping)? up|check|look|skim|lid off|uncover)/iu';
    private const SEALS = '/\bseal(?:s|ed|ing)?\b/iu';
    private const BOILS = '/\bboil/iu';
    /** Longer than this, garlic in a hot pan turns bitter. */
    private const GARLIC_MINUTES = 2.0;

    private PreparedAhead $ahead;

    public function __construct(private BraiseOrder $order, private SettingOutcome $chosen, private Slurry $slurry)
    {
        $this->ahead = PreparedAhead::in($order->steps);
    }

    /** @return list<AdaptedStep> */
    public function steps(): array
    {
        $cook = $this->cookIndex();
        $steps = [];
        foreach ($this->order->steps as $k => $step) {
            if ($k === $cook) {
                array_push($steps, ...$this->missingBefore($cook));
            }
            if (StepKind::Serve === $step->kind && !isset($served)) {
                $served = true;
                array_push($steps, ...$this->takeOut());
            }
            $steps[] = $this->adapted($step, $k, $cook);
        }

        return isset($served) || [] === $steps ? $steps : [...$steps, ...$this->takeOut()];
    }

    /** @return list<LedgerEntry> */
    public function changes(): array
    {
        $entries = [];
        foreach ($this->steps() as $step) {
            if (StepFate::Stays !== $step->fate && !\in_array($step->code, self::TOLD_ELSEWHERE, true)) {
                $entries[] = new LedgerEntry("step-$step->code", ['step' => self::short($step->source), ...$step->variables], null, $step->key, $step->refused);
            }
        }

        return $entries;
    }

    private function cookIndex(): ?int
    {
        foreach ($this->order->steps as $k => $step) {
            if (StepKind::Cook === $step->kind && null !== $step->minutes && $step->minutes['high'] >= self::LEAST_COOK_MINUTES) {
                return $k;
            }
        }

        return null;
    }

    private function adapted(Step $step, int $k, ?int $cook): AdaptedStep
    {
        $after = null !== $cook && $k > $cook;
        $short = null !== $step->minutes && $step->minutes['high'] < self::LEAST_COOK_MINUTES;
        $ahead = $this->ahead;
        [$fate, $code, $variables] = match (true) {
            \in_array($k, $ahead->browned, true) => [StepFate::Changed, 'brown-just-before', self::inOwnWords(PreparedAhead::straightBefore($step->source))],
            \in_array($k, $ahead->filled, true) => [StepFate::Changed, 'load-just-before', []],
            \in_array($k, $ahead->kept, true) => [StepFate::Gone, 'not-kept-overnight', []],
            StepKind::Preheat === $step->kind && 1 !== preg_match('/insert|cooker/iu', $step->source) => [StepFate::Gone, 'oven-not-needed', []],
            $k === $cook => [StepFate::Changed, 'cook-on-setting', $this->window()],
            $after && StepKind::Cook === $step->kind && !$short => [StepFate::Gone, 'within-the-hours', []],
            null !== $cook && \in_array($step->kind, [StepKind::Check, StepKind::Glaze], true) && ($k === $cook + 1 || !$after) && 1 === preg_match(self::DISTURBS, $step->source) => [StepFate::Gone, 'lid-stays-on', []],
            $after && StepKind::Reduce === $step->kind => [StepFate::Changed, 'reduce-on-hob', $this->reduction()],
            $after && StepKind::Thicken === $step->kind && $this->slurry->grams >= 1 => [StepFate::Changed, 'thicken-on-hob', [
                'thickener' => $this->slurry->thickener->value, 'grams' => $this->slurry->grams, 'coldMl' => $this->slurry->coldMillilitres,
            ]],
            StepKind::FryBase === $step->kind && $this->friesGarlicLong($step) => [StepFate::Changed, 'garlic-last', []],
            StepKind::Brown === $step->kind && 1 === preg_match(self::SEALS, $step->source) => [StepFate::Changed, 'brown-for-flavour', []],
            default => [StepFate::Stays, '', []],
        };
        $key = match (true) {
            StepFate::Stays === $fate, $k === $cook, \in_array($code, self::FOR_SAFETY, true) => '',
            'thicken-on-hob' === $code => 'thicken',
            default => 'step:'.('' === $step->id ? $k : $step->id).":$code",
        };

        return new AdaptedStep($fate, $step->kind, $step->source, $code, $variables, $key, $this->order->choices->refuses($key));
    }

    /** @return array{what: string, own: string} */
    private static function inOwnWords(string $what): array
    {
        return ['what' => $what, 'own' => '' === $what ? 'no' : 'yes'];
    }

    private function friesGarlicLong(Step $step): bool
    {
        $garlic = $others = false;
        foreach ($step->ingredients as $index) {
            $food = $this->order->allIngredients[$index] ?? null;
            $garlic = $garlic || 'garlic' === $food?->food?->id;
            $others = $others || Role::Vegetable === $food?->role;
        }

        return $garlic && $others && (null === $step->minutes || $step->minutes['high'] > self::GARLIC_MINUTES);
    }

    /** @return array<string, float|string> */
    private function window(): array
    {
        $window = $this->chosen->windows[$this->order->texture->value];

        return ['setting' => $this->chosen->choice->value, 'earliestHours' => $window->earliest ?? 0.0, 'latestHours' => $window->latest ?? AdaptBraise::HORIZON];
    }

    /** @return array<string, float> */
    private function reduction(): array
    {
        foreach ($this->chosen->finish->terms as $term) {
            if ('reduce' === $term->code) {
                return ['ml' => $this->chosen->sauce->reduce, 'minutes' => $term->value];
            }
        }

        return ['ml' => 0.0, 'minutes' => 0.0];
    }

    /** @return list<AdaptedStep> */
    private function missingBefore(int $cook): array
    {
        $before = \array_slice($this->order->steps, 0, $cook);
        $boils = static fn (StepKind ...$kinds): bool => [] !== array_filter($before, static fn (Step $s): bool => \in_array($s->kind, $kinds, true));
        $missing = [];
        foreach ($this->chosen->sauce->changes as $change) {
            $food = $change->ingredient?->foodText;
            if (null !== $food && LiquidFate::Late !== $change->fate && ($change->loaded < $change->poured || $this->order->choices->refuses("boil:{$change->ingredient->key()}")) && !$boils(StepKind::Reduce, StepKind::Deglaze)) {
                $missing[] = $this->added('wine-first', StepKind::Reduce, ['id' => $change->ingredient->key(), 'food' => $food, 'ml' => $change->poured, 'loadedMl' => $change->loaded]);
            }
        }
        foreach ($this->order->potIngredients() as $i) {
            $told = array_filter($before, static fn (Step $s): bool => 1 === preg_match(self::BOILS, $s->source) && str_contains(mb_strtolower($s->source), 'bean')
                && ($s->minutes['low'] ?? 0.0) >= Rules::BEAN_MINUTES);
            if (true === $i->food?->phaseolus && [] === $told) {
                $missing[] = $this->added('beans-first', StepKind::Soak, ['food' => $i->foodText]);
            }
        }

        return $missing;
    }

    /** @return list<AdaptedStep> */
    private function takeOut(): array
    {
        $out = $this->order->toTakeOut();

        return [] === $out ? [] : [$this->added('take-out', StepKind::LiftOut, ['list' => implode(', ', $out)])];
    }

    /** @param array<string, float|int|string> $variables */
    private function added(string $code, StepKind $kind, array $variables): AdaptedStep
    {
        $key = match ($code) {
            'beans-first' => '', // what is for safety can't be refused
            'wine-first' => 'boil:'.$variables['id'],
            default => "step:$code",
        };

        return new AdaptedStep(StepFate::Added, $kind, '', $code, $variables, $key, $this->order->choices->refuses($key));
    }

    private static function short(string $source): string
    {
        return mb_strlen($source) > 90 ? mb_substr($source, 0, 88).' …' : $source;
    }
}
