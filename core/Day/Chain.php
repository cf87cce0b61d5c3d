<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Work done one piece after the other, where what comes of a piece may wait so long for the next. */
final class Chain implements Loading
{
    /** Pieces are tried so many minutes earlier than they could be at the latest, at most. */
    private const LONGEST_WAIT = 120;

    /** @var array<string, true> pieces, and when they would have to end, before which there is no place for the rest */
    private array $dead = [];

    /** @param list<array{minutes: int, hands: bool, waits: int}> $links in order; the last ends when the chain does */
    public function __construct(private readonly array $links)
    {
    }

    /** One piece that needs hands all the time. */
    public static function ofMinutes(float $minutes): self
    {
        return new self($minutes < 1 ? [] : [['minutes' => (int) ceil($minutes), 'hands' => true, 'waits' => 0]]);
    }

    public function minutes(): int
    {
        return array_sum(array_column($this->links, 'minutes'));
    }

    public function isDoneBy(\DateTimeImmutable $on, People $people, \DateTimeImmutable $now): bool
    {
        return ($this->latestBegin($people, $on) ?? $now->modify('-1 minute')) >= $now;
    }

    /** The latest beginning at which one of them is there for each piece; hands-off minutes need nobody. Null where there is none. */
    public function latestBegin(People $people, \DateTimeImmutable $end): ?\DateTimeImmutable
    {
        $this->dead = [];
        $begin = $this->begin($people, \count($this->links) - 1, $end->getTimestamp(), $end);

        return null === $begin ? null : $end->setTimestamp($begin);
    }

    private function begin(People $people, int $k, int $until, \DateTimeImmutable $day): ?int
    {
        if ($k < 0 || isset($this->dead["$k $until"])) {
            return $k < 0 ? $until : null;
        }
        $link = $this->links[$k];
        $waits = $k === \count($this->links) - 1 ? 0 : min($link['waits'], self::LONGEST_WAIT);
        for ($end = $until; $end >= $until - 60 * $waits; $end -= 60) {
            $from = $end - 60 * $link['minutes'];
            if (!$link['hands'] || null !== $people->who($day->setTimestamp($from), $day->setTimestamp($end))) {
                $begin = $this->begin($people, $k - 1, $from, $day);
                if (null !== $begin) {
                    return $begin;
                }
            }
        }
        $this->dead["$k $until"] = true;

        return null;
    }
}
