<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Habit;
use Pausis\Core\Day\TypedHabits;
use Pausis\Core\Day\Whereabouts;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedHabitsTest extends TestCase
{
    /** @param list<int> $days */
    #[TestWith(['Mon to Fri 8:10 to 17:20', [1, 2, 3, 4, 5], '08:10', '17:20', 'away'])]
    #[TestWith(['Mon–Fri 8:10–17:20', [1, 2, 3, 4, 5], '08:10', '17:20', 'away'])]
    #[TestWith(['weekdays 9 to 5', [1, 2, 3, 4, 5], '09:00', '17:00', 'away'])]
    #[TestWith(['working days 8 to 4', [1, 2, 3, 4, 5], '08:00', '16:00', 'away'])]
    #[TestWith(['Tue, Thu and Sat 18:00 - 19:30 busy', [2, 4, 6], '18:00', '19:30', 'busy'])]
    #[TestWith(['Tuesdays & Thursdays from half past six until quarter to eight, busy', [2, 4], '06:30', '19:45', 'busy'])]
    #[TestWith(['weekends: 10 to noon', [6, 7], '10:00', '12:00', 'away'])]
    #[TestWith(['every day 12 to 1 at home, busy', [1, 2, 3, 4, 5, 6, 7], '12:00', '13:00', 'busy'])]
    #[TestWith(['Fri 22:00 to 6:00', [5], '22:00', '06:00', 'away'])]
    #[TestWith(['Sat to Tue 7 am to 3 pm', [1, 2, 6, 7], '07:00', '15:00', 'away'])]
    #[TestWith(['daily 5:40–14:15 out', [1, 2, 3, 4, 5, 6, 7], '05:40', '14:15', 'away'])]
    public function testAHabitIsReadAsItIsSaid(string $typed, array $days, string $from, string $to, string $where): void
    {
        $problems = new Problems();

        self::assertEquals([new Habit($days, $from, $to, Whereabouts::from($where))], TypedHabits::read($typed, 'habits', $problems));
        self::assertTrue($problems->none());
    }

    #[TestWith(['all day'])]
    #[TestWith(['Mon'])]
    #[TestWith(['Mon to Fri 8:10'])]
    #[TestWith(['Mon noon to 12:00'])]
    #[TestWith(['Mon 25:00 to 26:00'])]
    #[TestWith(['8:10 to 17:20'])]
    #[TestWith(['Monk 8 to 9 tomorrow'])]
    public function testWhatIsNotUnderstoodIsAProblemThatNamesTheLine(string $typed): void
    {
        $problems = new Problems();
        $habits = TypedHabits::read("Mon 8 to 9\n$typed\n", 'people.0.habits', $problems);

        self::assertCount(1, $habits);
        self::assertEquals([new Problem('habit-not-understood', 'people.0.habits', ['typed' => $typed])], $problems->all());
    }

    public function testALineMadeToBeSlowIsJustNotUnderstood(): void
    {
        $limit = (string) ini_set('pcre.backtrack_limit', '5000');
        foreach ([str_repeat('mon', 330), str_repeat('mon,', 250).'!', str_repeat('mon to ', 140)] as $typed) {
            self::assertSame([], TypedHabits::read($typed, 'h', new Problems()));
            self::assertSame(\PREG_NO_ERROR, preg_last_error(), substr($typed, 0, 12));
        }
        ini_set('pcre.backtrack_limit', $limit);
    }

    public function testLinesAndSemicolonsPartHabitsAndThereAreNotTooMany(): void
    {
        self::assertCount(3, TypedHabits::read("Mon 8 to 9; Tue 8 to 9\n\nWed 8 to 9", 'h', new Problems()));
        $problems = new Problems();
        self::assertCount(TypedHabits::MOST_LINES, TypedHabits::read(str_repeat("Mon 8 to 9\n", 5_000), 'h', $problems));
        self::assertSame('too-many', $problems->all()[0]->code);
    }
}
