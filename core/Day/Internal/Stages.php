<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;

/** Splits jobs into stretches of time that share no moment: the plan of one can't touch that of another. */
final class Stages
{
    /**
     * @param list<Job> $jobs
     *
     * @return list<array{\DateTimeImmutable, \DateTimeImmutable, list<Job>}> opens, closes, jobs with the last first
     */
    public static function of(array $jobs, \DateTimeImmutable $until): array
    {
        $stages = [];
        foreach (self::chains(self::lastFirst($jobs), $until) as $chain) {
            $apart = [];
            foreach ($stages as $stage) {
                if ($stage[0] < $chain[1] && $chain[0] < $stage[1]) {
                    $chain = [min($stage[0], $chain[0]), max($stage[1], $chain[1]), [...$stage[2], ...$chain[2]]];
                } else {
                    $apart[] = $stage;
                }
            }
            $stages = [...$apart, $chain];
        }

        return array_map(static fn (array $s): array => [$s[0], $s[1], self::lastFirst($s[2])], $stages);
    }

    /**
     * Jobs that lead to the same one, from the earliest that the first may begin.
     *
     * @param list<Job> $jobs the last first
     *
     * @return array<string, array{\DateTimeImmutable, \DateTimeImmutable, list<Job>}>
     */
    private static function chains(array $jobs, \DateTimeImmutable $until): array
    {
        /** @var array<string, string> $root */
        $root = [];
        /** @var array<string, \DateTimeImmutable> $opens */
        $opens = [];
        $chains = [];
        foreach ($jobs as $job) {
            $root[$job->id] = null === $job->next ? $job->id : $root[$job->next];
            $due = null === $job->next ? $job->by ?? $until : $opens[$job->next];
            $opens[$job->id] = $due->setTimestamp($due->getTimestamp() - 60 * ($job->minutes + $job->waits));
            [$from, $to, $members] = $chains[$root[$job->id]] ?? [$opens[$job->id], $due, []];
            $chains[$root[$job->id]] = [min($from, $opens[$job->id]), $to, [...$members, $job]];
        }

        return $chains;
    }

    /**
     * Each job after the one that takes it up, those that can wait least first among their like.
     *
     * @param list<Job> $jobs
     *
     * @return list<Job>
     */
    private static function lastFirst(array $jobs): array
    {
        usort($jobs, static fn (Job $a, Job $b): int => [$a->waits, $a->id] <=> [$b->waits, $b->id]);
        $sorted = $known = $waiting = [];
        foreach ($jobs as $job) {
            $waiting[$job->after ?? ''][] = $job->id;
        }
        while (\count($sorted) < \count($jobs)) {
            $before = \count($sorted);
            foreach ($jobs as $job) {
                if (!isset($known[$job->id])
                    && (null === $job->next || isset($known[$job->next]))
                    && self::areKnown($waiting[$job->id] ?? [], $known)) {
                    $sorted[] = $job;
                    $known[$job->id] = true;
                }
            }
            if ($before === \count($sorted)) {
                throw new \LogicException('Jobs that wait for each other, or for one that is missing.');
            }
        }

        return $sorted;
    }

    /**
     * @param list<string>        $jobs
     * @param array<string, true> $known
     */
    private static function areKnown(array $jobs, array $known): bool
    {
        return \count($jobs) === \count(array_filter($jobs, static fn (string $id): bool => isset($known[$id])));
    }
}
