<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\TypedTime;

/** Times of what has happened, as a cook types them: local, and in the past. */
final readonly class LocalTimes
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param string $typed YYYY-MM-DDT and a time, a time alone, which then is the last such time, or seconds ago (-90 s); empty for now
     *
     * @return \DateTimeImmutable|null null with a problem at `at` where it lies before $from, is still to come or isn't a time
     */
    public function past(
        string $typed, \DateTimeImmutable $from, string $tooEarly, string $tooLate, Problems $problems,
    ): ?\DateTimeImmutable {
        $now = $this->house->now();
        $at = match (true) {
            '' === $typed => $now,
            1 === preg_match('/^-(\d{1,6}) s$/', $typed, $ago) => $now->setTimestamp($now->getTimestamp() - (int) $ago[1]),
            str_contains($typed, 'T') => DraftOrder::moment($typed, $now->getTimezone()),
            default => $this->last(TypedTime::of($typed, false), $now),
        };
        $yesterday = $at?->modify('-1 day');
        // Said after midnight, half past eight in the evening was yesterday's.
        $at = null !== $at
            && null !== $yesterday
            && $at > $now
            && $yesterday >= self::minute($from)
            && $at->format('Y-m-d') === $now->format('Y-m-d')
            ? $yesterday
            : $at;
        if ($now < $from && ('' === $typed || str_starts_with($typed, '-'))) {
            // The clock stands behind: what has happened did so no sooner than that.
            return $from;
        }
        $code = match (true) {
            null === $at => 'time-not-understood',
            $at < self::minute($from) => $tooEarly,
            $at > $now => $tooLate,
            default => null,
        };
        if (null !== $code) {
            $problems->add($code, 'at', ['typed' => mb_substr($typed, 0, 40)]);

            return null;
        }

        return $at;
    }

    private function last(?string $time, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        [$hour, $minute] = explode(':', $time ?? '0:0');

        return null === $time ? null : $now->setTime((int) $hour, (int) $minute);
    }

    private static function minute(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTime((int) $at->format('H'), (int) $at->format('i'));
    }
}
