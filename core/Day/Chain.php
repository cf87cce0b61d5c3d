<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Work done one piece after the other, where what comes of a piece may wait so long for the next. */
final readonly class Chain
{
    /** Pieces are tried so many minutes earlier than they could be at the latest, at most. */
    private const LONGEST_WAIT = 120;
    private const MOST_TRIES = 400;

    /** @param list<array{minutes: int, hands: bool, waits: int}> $links in order; the last ends when the chain does */
    public function __construct(private array $links)
    {
    }

    /** One piece that needs hands all the time. */
    public static function ofMinutes(float $minutes): self
    {
        return new self($minutes < 1 ? [] : [['minutes' => (int) ceil($minutes), 'hands' => true, 'waits' => 0]]);
    }

    /** Minutes, one after the other without a wait. */
    public function minutes(): int
    {
        return array_sum(array_column($this->links, 'minutes'));
    }

    /** The latest beginning at which somebody is there for each piece; hands-off minutes need nobody. Null where there is none. */
    public function latestBegin(People $people, \DateTimeImmutable $end): ?\DateTimeImmutable
    {
        $tries = self::MOST_TRIES;
        $begin = $this->begin($people, \count($this->links) - 1, $end->getTimestamp(), $end, $tries);

        return null === $begin ? null : $end->setTimestamp($begin);
    }

    private function begin(People $people, int $k, int $until, \DateTimeImmutable $day, int &$tries): ?int
    {
        if ($k < 0) {
            return $until;
        }
        $link = $this->links[$k];
        $waits = $k === \count($this->links) - 1 ? 0 : min($link['waits'], self::LONGEST_WAIT);
        for ($end = $until; $end >= $until - 60 * $waits && $tries > 0; $end -= 60) {
            --$tries;
            $from = $end - 60 * $link['minutes'];
            if (!$link['hands'] || $people->isFree($day->setTimestamp($from), $day->setTimestamp($end))) {
                $begin = $this->begin($people, $k - 1, $from, $day, $tries);
                if (null !== $begin) {
                    return $begin;
                }
            }
        }

        return null;
    }
}
