<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Way;

/** What goes into the braise late, and when its lid comes off. */
final readonly class LateAdditions
{
    private const BEFORE_END = '/\b(?:before (?:the end|it(?: is|[’\']s) (?:done|ready'
        .'|finished|wanted|needed)|dinner|serving|(?:you|we|I) (?:eat|serve)|sending'
        .'|the time is up|cooking ends)|from the end|to go\b|left\b)/iu';
    private const NEXT_TIME = '/(?:[,;]|\band)\s+(?=(?:and\s+|then\s+)?(?:for|in|during) the (?:last|final)\b)/iu';
    private const LAST = '/\b(?:last|final)\s+(?:\p{L}+\s+)?$/iu';
    /** Bytes around a time. */
    private const NEAR = 40;
    /** "for the last ten": minutes */
    private const LAST_FEW = '/\b(?:for|in|during) the (?:last|final) (?<n>five|ten|fifteen|twenty|thirty|forty|5|\d0'
        .'|\d5)(?![\p{L}\d])(?!\s*(?:h|g|of)\b)/iu';
    private const LAST_HOUR = '/\b(?:for|in|during|with) (?:the|its) (?:last|final) hour\b(?! and| or)/iu';
    private const AFTER = '/^\W*after\s+(?:about\s+|around\s+|the\s+first\s+)?(?:\d|[½¼¾]|an?\b|one|two|three|half)/iu';
    private const MORE = '/\b(?:more|another|further|longer)\b/iu';
    private const UNCOVER = '/\b(?:lid off|uncover(?:ed)?|without (?:a|the) lid|off the lid|lid comes off|taking the lid off'
        .'|remove the lid)\b/iu';
    private const GOES_IN = [
        ActKind::Add, ActKind::Load, ActKind::Cook, ActKind::SeasonToTaste, ActKind::LidOff, ActKind::CreamOrYoghurtIn, ActKind::Slurry,
        ActKind::Other, ActKind::Prepare, ActKind::Cut, ActKind::PokeDown, ActKind::Garnish, ActKind::TurnSetting,
    ];
    private const NOT_THICKENED = [
        ActKind::Add, ActKind::Load, ActKind::Prepare, ActKind::Cut, ActKind::PokeDown, ActKind::Garnish, ActKind::Other,
    ];
    /** Unless it is said. */
    private const NEVER_LATE = [Role::Thickener, Role::Fat, Role::Salt];
    private const NOT_IN_YET = [ActKind::Prepare, ActKind::Mix, ActKind::Cut, ActKind::SideWork, ActKind::Soak, ActKind::Tie];
    /** More foods at once are the pot's, whatever comes after. */
    private const FEW = 5;
    /** What goes in for the last minutes though it was in a pan before. */
    private const TOLD_LATE = [
        ActKind::Add, ActKind::Load, ActKind::Cook, ActKind::CreamOrYoghurtIn, ActKind::Slurry, ActKind::Other, ActKind::LidOff,
        ActKind::SeasonToTaste,
    ];

    /**
     * @param list<Ingredient>                 $ingredients
     * @param list<Act>                        $acts        that are done
     * @param list<array{string, string, int}> $sentences   text, zone, line
     */
    public function __construct(private array $ingredients, private array $acts, private array $sentences, private ?Way $way)
    {
    }

    /**
     * @param list<PartKind> $parts
     *
     * @return list<Minutes|null>
     */
    public function minutes(int $cook, array $parts): array
    {
        $late = array_fill(0, \count($this->ingredients), null);
        $left = $this->leftAfter($cook);
        $uncover = $this->uncovered();
        $first = $this->firstInThePot();
        foreach ($this->acts as $k => $act) {
            if (!\in_array($act->kind, self::GOES_IN, true)) {
                continue;
            }
            $said = self::saidBeforeTheEnd($act->source);
            $after = Durations::in($act->source)[0][0] ?? null;
            $explicit = match (true) {
                null !== $said => $said,
                null !== $after
                    && null !== $this->way?->minutes
                    && preg_match(self::AFTER, $act->source)
                    && $this->way->minutes->high > $after->high => Minutes::exactly($this->way->minutes->middle() - $after->middle()),
                null !== $uncover && preg_match('/\bwhen the lid (?:comes|is|goes)\b/iu', $act->source) => Minutes::exactly($uncover),
                default => null,
            };
            $minutes = $explicit ?? ($k > $cook && (\in_array($act->kind, self::NOT_THICKENED, true) || $this->isThickenedInThePot($k))
                ? $left[$k] ?? null
                : null);
            if (null === $minutes || $minutes->high > 240) {
                continue;
            }
            foreach ($this->ingredients as $place => $ingredient) {
                $new = ($first[$place] ?? $k) >= min($k, $cook + 1);
                $told = null !== $explicit && \in_array($act->kind, self::TOLD_LATE, true);
                $plain = null !== $explicit || (!\in_array($ingredient->role, self::NEVER_LATE, true) && \count($act->foods) <= self::FEW);
                if (\in_array($ingredient->key(), $act->foods, true) && Role::Meat !== $ingredient->role && null === $late[$place]
                    && ($new || $told) && $plain && PartKind::Braise === $parts[$place]) {
                    $late[$place] = $this->ownTime($act->source, $place) ?? $minutes;
                }
            }
        }

        return $late;
    }

    /** Of "the potatoes an hour before, and for the last 40 minutes the cabbage", that of the one; null where one holds for all. */
    private function ownTime(string $sentence, int $place): ?Minutes
    {
        $pieces = preg_split(self::NEXT_TIME, $sentence) ?: [];
        foreach (\count($pieces) < 2 ? [] : $pieces as $piece) {
            if (\in_array($place, (new Naming($this->ingredients))->in($piece), true)) {
                return self::saidBeforeTheEnd($piece);
            }
        }

        return null;
    }

    /** Whether what stands there is "the last …". */
    private static function isLast(string $text, int $at): bool
    {
        return 1 === preg_match(self::LAST, mb_scrub(substr($text, max(0, $at - self::NEAR), min(self::NEAR, $at))));
    }

    /** The time that stands behind "for the last", or in front of "before the end". */
    private static function saidBeforeTheEnd(string $text): ?Minutes
    {
        foreach (Durations::in($text) as [$minutes, $at, $length]) {
            $behind = (string) preg_replace('/[,;.].*$/su', '', mb_scrub(substr($text, $at + $length, self::NEAR)));
            if ($minutes->high <= 240 && (self::isLast($text, $at) || preg_match(self::BEFORE_END, $behind))) {
                return $minutes;
            }
        }

        return match (true) {
            1 === preg_match(self::LAST_FEW, $text, $m) => Minutes::exactly(Number::value($m['n'])),
            1 === preg_match(self::LAST_HOUR, $text) => Minutes::exactly(60),
            default => null,
        };
    }

    /** @return array<int, int> for each ingredient's place, the act by which it first comes into the pot or its pan */
    private function firstInThePot(): array
    {
        $first = [];
        foreach ($this->acts as $k => $act) {
            if (\in_array($act->kind, self::NOT_IN_YET, true)) {
                continue;
            }
            foreach ($this->ingredients as $place => $ingredient) {
                if (\in_array($ingredient->key(), $act->foods, true)) {
                    $first[$place] ??= $k;
                }
            }
        }

        return $first;
    }

    /** Starch that goes into a cooker that is turned up for it. */
    private function isThickenedInThePot(int $k): bool
    {
        foreach (\array_slice($this->acts, $k + 1, 3) as $next) {
            if (ActKind::TurnSetting === $next->kind
                && ActKind::Slurry === $this->acts[$k]->kind
                && $next->source === $this->acts[$k]->source) {
                return true;
            }
        }

        return false;
    }

    private function firstAfter(int $cook, ActKind ...$kinds): int
    {
        foreach ($this->acts as $k => $act) {
            if ($k > $cook && \in_array($act->kind, $kinds, true)) {
                return $k;
            }
        }

        return \count($this->acts);
    }

    /**
     * How long it still cooks after each act behind the braise's beginning: "add the carrots and cook 1 h more".
     *
     * @return array<int, Minutes|null>
     */
    private function leftAfter(int $cook): array
    {
        $left = [];
        $sum = null;
        $lifted = $this->firstAfter($cook, ActKind::Lift, ActKind::Strain, ActKind::Blend, ActKind::Sieve);
        for ($k = \count($this->acts) - 1; $k > $cook; --$k) {
            $act = $this->acts[$k];
            $more = \in_array(
                $act->kind, [ActKind::Cook, ActKind::LidOff, ActKind::TurnSetting], true,
            ) || (ActKind::Reduce === $act->kind && $k < $lifted)
                || preg_match(self::MORE, $act->source) && \in_array($act->kind, [ActKind::Add, ActKind::Load], true);
            if ($more && null !== $act->minutes && $act->minutes->high >= 4 && !Parts::isBeside($act)) {
                $sum = null === $sum || (ActKind::Cook !== $act->kind && ($this->acts[$k + 1]->source ?? '') === $act->source)
                    ? $act->minutes
                    : $sum->plus($act->minutes);
            }
            if (!$this->isThickenedInThePot($k)
                && !(ActKind::Reduce === $act->kind && $k < $lifted)
                && $act->kind->finishes()
                && ActKind::SeasonToTaste !== $act->kind
                && ActKind::Garnish !== $act->kind) {
                $sum = null;
            }
            $left[$k] = $sum;
        }

        return $left;
    }

    public function uncovered(): ?float
    {
        foreach ($this->sentences as [$text, $zone]) {
            if ('step' !== $zone || !preg_match(self::UNCOVER, $text)) {
                continue;
            }
            foreach (Durations::in($text) as [$minutes, $at]) {
                $near = mb_scrub(substr($text, max(0, $at - 30), 70));
                $told = self::isLast($text, $at) || preg_match(self::BEFORE_END, $near) || preg_match('/^\W*(?:\d\W*)?lid off\b/iu', $text)
                    || preg_match(self::MORE, mb_scrub(substr($text, max(0, $at - 12), 52)));
                if ($minutes->high <= 90 && $told) {
                    return $minutes->middle();
                }
            }
            if (preg_match('/\b(?:last|final) hour\b/iu', $text)) {
                return 60.0;
            }
            if (preg_match('/\b(?:last|final) half[- ]?(?:an )?hour\b/iu', $text)) {
                return 30.0;
            }
        }

        return null;
    }
}
