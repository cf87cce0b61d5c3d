<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Following;

use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Uses;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Job;
use Pausis\Core\Explain\Term;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

final class LiftedMeatTest extends TestCase
{
    /** Whatever has been done of the finish, no job that is left waits for itself or for one that isn't there. */
    public function testWhatIsLeftOfTheFinishWaitsForNothingThatIsDone(): void
    {
        $work = new Work(array_map(static fn (array $c): Chore => new Chore(
            $c[0], $c[0], Stage::Finish, [], [], $c[1], new Term($c[0], $c[1]), $c[2],
        ), [
            ['lift-out', 5, Uses::Hands], ['rest-meat', 20, Uses::Nothing], ['take-out', 3, Uses::Hands],
            ['reduce', 15, Uses::Ring], ['shred-meat', 8, Uses::Hands], ['plate', 5, Uses::Hands],
        ]));
        $ids = array_map(static fn (Chore $c): string => $c->id, $work->chores);
        foreach (array_keys($ids) as $done) {
            $jobs = (new BraiseJobs(Days::braise()->order, $work->without(\array_slice($ids, 0, $done))))
                ->toThePlate(Days::at('18:00'), Days::at('19:00'));
            $left = array_map(static fn (Job $j): string => $j->id, $jobs);
            foreach ($jobs as $job) {
                self::assertNotSame($job->id, $job->after, "$job->id waits for itself after $done are done");
                self::assertTrue(null === $job->after || \in_array($job->after, $left, true), "$job->id waits for $job->after");
            }
        }
    }
}
