<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use PHPUnit\Framework\Assert;

/** What holds of every day that is given, checked job by job and knowing nothing of how it was found. */
final class SoundDay
{
    /** @param list<Placed> $reserved by other braises */
    public static function check(WholeDay $day, Kitchen $kitchen, array $reserved = [], string $of = ''): void
    {
        $jobs = [];
        foreach ($day->placed as $placed) {
            $jobs[$placed->job->id] = $placed;
        }
        $all = [...$day->placed, ...$reserved];
        foreach ($day->placed as $placed) {
            $what = "$of {$placed->job->id} at {$placed->from->format('H:i')}";
            Assert::assertSame($placed->job->hands, null !== $placed->person, $what);
            Assert::assertNotFalse($placed->person?->presence->isFree($placed->from, $placed->to), $what);
            if (!$placed->job->hands && $placed->job->rings + $placed->job->ovens > 0 && $placed->job->minutes > 0) {
                $every = $placed->job->rings > 0 ? 1 : $placed->job->minutes - 1;
                for ($k = 0; $k < $placed->job->minutes; $k += max(1, $every)) {
                    $at = $placed->from->modify("+$k minutes");
                    $there = array_filter(
                        $kitchen->people->persons,
                        static fn (Person $p): bool => $p->presence->neverBusy()->isFree($at, $at->modify('+1 minute')),
                    );
                    Assert::assertNotSame([], $there, "$what goes on with nobody in the house.");
                }
            }
            if (null !== $placed->job->next) {
                $waited = ($jobs[$placed->job->next]->from->getTimestamp() - $placed->to->getTimestamp()) / 60;
                Assert::assertGreaterThanOrEqual($placed->job->rests, $waited, $what);
                Assert::assertLessThanOrEqual($placed->job->waits, $waited, $what);
            }
            if (null !== $placed->job->after) {
                Assert::assertGreaterThanOrEqual($jobs[$placed->job->after]->to, $placed->from, $what);
            }
            $meanwhile = array_filter($all, static fn (Placed $p): bool => $p->from <= $placed->from && $placed->from < $p->to);
            Assert::assertLessThanOrEqual(
                $kitchen->rings, array_sum(array_map(static fn (Placed $p): int => $p->job->rings, $meanwhile)), $what,
            );
            Assert::assertLessThanOrEqual(
                $kitchen->ovens, array_sum(array_map(static fn (Placed $p): int => $p->job->ovens, $meanwhile)), $what,
            );
            $same = array_filter($meanwhile, static fn (Placed $p): bool => null !== $p->person && $p->person->id === $placed->person?->id);
            Assert::assertLessThanOrEqual(1, \count($same), $what);
        }
    }
}
