<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Tenderness\Doneness;

/** What the fork says, from tight to too far. */
enum ForkAnswer: string
{
    case Resists = 'resists';
    case Gives = 'gives';
    case SlidesIn = 'slides-in';
    case FallsApart = 'falls-apart';

    /** Shares of the need from which each answer is the likelier one. */
    private const GIVES = 0.90;
    private const SLIDES = 0.97;
    private const FALLS = 1.30;
    /** How far apart forks and the places they are put in are, as a share of the need: the scale of a logistic distribution. */
    private const SCALE = 0.07;

    /** How many times further off an answer may be that was taken back. */
    private const DOUBTED = 5.0;

    /** Meat doesn't get tougher again: whether this answer takes back an earlier one. */
    public function corrects(self $earlier): bool
    {
        return array_search($this, self::cases(), true) < array_search($earlier, self::cases(), true);
    }

    /** What is said the most of meat whose dose is such a share of its need. */
    public static function likeliest(float $share): self
    {
        return match (true) {
            $share < self::GIVES => self::Resists,
            $share < self::SLIDES => self::Gives,
            $share < self::FALLS => self::SlidesIn,
            default => self::FallsApart,
        };
    }

    /** Whether meat that answers so has the texture. */
    public function reaches(Doneness $texture): bool
    {
        return match ($texture) {
            Doneness::Slices => self::Resists !== $this,
            Doneness::Fork => self::SlidesIn === $this || self::FallsApart === $this,
            Doneness::Pulls, Doneness::Past => self::FallsApart === $this,
        };
    }

    /**
     * Natural logarithm of the answer's probability when the dose is $share times the need; finite however unlikely.
     *
     * Ordered answers by cumulative logits (McCullagh 1980): of two answers the further one is never the likelier one of less tender meat,
     * so that no further answer makes anything later. The logistic distribution has the heaviest tails that keep this, and forgives a
     * wrong button best. Thresholds are estimates, docs/model.md §4.
     *
     * @param bool $corrected whether a later answer, less far, has taken it back
     */
    public function logProbability(float $share, bool $corrected = false): float
    {
        $scale = self::SCALE * ($corrected ? self::DOUBTED : 1.0);
        $below = static fn (float $threshold): float => -log1p(exp(($share - $threshold) / $scale));
        $above = static fn (float $threshold): float => -log1p(exp(($threshold - $share) / $scale));
        // F(b) − F(a) = F(b)·(1 − F(a))·(1 − e^((a − b)/s)): exact in the tails.
        $between = static fn (float $a, float $b): float => $above($a) + $below($b) + log(-expm1(($a - $b) / $scale));

        return match ($this) {
            self::Resists => $below(self::GIVES),
            self::Gives => $between(self::GIVES, self::SLIDES),
            self::SlidesIn => $between(self::SLIDES, self::FALLS),
            self::FallsApart => $above(self::FALLS),
        };
    }
}
