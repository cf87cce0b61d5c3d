<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Window;

/** The fork tests that a plan proposes: when they tell most, or as soon after as somebody is there. */
final readonly class ForkTests
{
    public const MINUTES = 5;
    private const MOST = 4;
    /** Hours until somebody is there. */
    private const LONGEST_WAIT = 12.0;
    /** Nearer to the sauce than this a look changes nothing any more, hours. */
    private const BEFORE_SAUCE = 0.75;
    private const ROOM_HOURS = 0.25;

    /**
     * @param float      $from hours after switching on before which the fork tells nothing
     * @param float|null $last hours after switching on at which it was asked last
     * @param bool       $soon whether the first is as early as may be, since it tells of a cooker that nobody knows, too
     */
    public function __construct(
        private People $people, private LookCost $cost, private float $from = 0.0, private ?float $last = null,
        private bool $soon = false,
    ) {
    }

    /** Of a pot that no look makes later. */
    public static function free(People $people): self
    {
        return new self($people, LookCost::always(0.0));
    }

    /**
     * As many as leave it ready by the sauce, none where that is none: the last is asked at the sauce in any case. Of one that won't be
     * ready by then, the first alone.
     *
     * @param Window                  $ready worked out without them
     * @param \DateTimeImmutable|null $sauce when it is begun
     */
    public function of(\DateTimeImmutable $on, Window $ready, ?\DateTimeImmutable $sauce = null): Looks
    {
        $latest = $ready->latest ?? \INF;
        $cost = $this->cost->at($latest);
        $left = null === $sauce ? \INF : ($sauce->getTimestamp() - $on->getTimestamp()) / 3600;
        [$most, $left] = $latest > $left ? [1, \INF] : [self::MOST, $left];
        $hours = [];
        $at = $this->wanted($ready);
        for ($n = 0; null !== $at && $n < $most && $at < $latest + $n * $cost; ++$n) {
            $until = min($at + self::LONGEST_WAIT, $latest + self::MOST * $cost);
            $free = $this->people->firstFree(self::after($on, $at), self::MINUTES, self::after($on, $until));
            if (null === $free) {
                break;
            }
            $look = ($free->getTimestamp() - $on->getTimestamp()) / 3600;
            if ($latest + ($n + 1) * $cost > $left || $look > $left - self::BEFORE_SAUCE) {
                break;
            }
            $hours[] = $look;
            $at = max($look + Looks::APART, is_finite($latest) ? ($look + $latest) / 2 : 0.0);
        }

        return Looks::at($hours, $this->cost);
    }

    /** Hours by which it is begun sooner for one of them, and somebody to be there for it. */
    public function roomForOne(float $latest): float
    {
        return $this->cost->at($latest) + self::ROOM_HOURS;
    }

    /** Hours by which all of them make it later, at most. */
    public function mostHours(): float
    {
        return self::MOST * $this->cost->most();
    }

    /** When the next is due, hours after switching on, whoever is there; null where it isn't likely to be ready at all. */
    public function wanted(Window $ready): ?float
    {
        $first = $this->soon ? $ready->earliest : Looks::first($ready);
        $at = null === $this->last ? $first : Looks::next($ready, $this->last);

        return null === $at ? null : max($at, $this->from);
    }

    private static function after(\DateTimeImmutable $on, float $hours): \DateTimeImmutable
    {
        return $on->setTimestamp((int) round($on->getTimestamp() + 3600 * $hours));
    }
}
