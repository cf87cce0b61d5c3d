<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * When the fork is asked, and what the asking costs: each look lets the pot cool, so that what isn't ready yet is ready later.
 *
 * A look tells most where ready and not ready are about as likely, and costs the same whenever it is: the first is halfway
 * between the earliest and the likely time, each further one at the likely time of what is left.
 */
final readonly class Looks
{
    /** Lid up, fork in, lid down. */
    public const LID_MINUTES = 2.0;
    /** Hours between two of them, at least. */
    public const APART = 0.75;
    private const MOST = 4;

    /** @param list<float> $at hours after switching on */
    private function __construct(private array $at, private LookCost $cost)
    {
    }

    /**
     * Those still to come.
     *
     * @param Window     $ready worked out without them
     * @param float|null $last  hours after switching on at which the fork was asked last
     * @param bool       $soon  whether the first is as early as may be
     */
    public static function planned(Window $ready, LookCost $cost, ?float $last = null, bool $soon = false): self
    {
        $first = $soon ? $ready->earliest : self::first($ready);
        $at = null === $last ? $first : self::next($ready, $last);
        $looks = [];
        for ($n = 0; null !== $at && $n < self::MOST; ++$n) {
            $looks[] = $at;
            $at = max($at + self::APART, ($at + ($ready->latest ?? $at)) / 2);
        }

        return new self($looks, $cost);
    }

    /** @param list<float> $hours after switching on */
    public static function at(array $hours, LookCost $cost): self
    {
        return new self($hours, $cost);
    }

    /** Hours after switching on of the first; null where there is none. */
    public function soonest(): ?float
    {
        return $this->at[0] ?? null;
    }

    /** Hours after switching on; null where it isn't likely to be ready at all. */
    public static function first(Window $ready): ?float
    {
        return null === $ready->earliest || null === $ready->likely ? null : ($ready->earliest + $ready->likely) / 2;
    }

    public static function next(Window $left, float $last): ?float
    {
        return null === $left->likely ? null : max($last + self::APART, $left->likely);
    }

    /** A window that was worked out without them, with them. */
    public function in(Window $window): Window
    {
        return $window->map($this->later(...));
    }

    private function later(float $hours): float
    {
        $one = $this->cost->at($hours);
        foreach ($this->at as $look) {
            $hours += $look < $hours ? $one : 0.0;
        }

        return $hours;
    }
}
