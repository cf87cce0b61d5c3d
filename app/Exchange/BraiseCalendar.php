<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Api\Presentation\AdaptationPresenter;
use Pausis\App\Api\Presentation\DayPresenter;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Wording\Measures;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Sabre\VObject\Component\VCalendar;

/** The plan as iCalendar (RFC 5545): one event a task, with an alarm, in UTC. UIDs are stable, SEQUENCE is the revision. */
final readonly class BraiseCalendar
{
    private const SHORTEST_MINUTES = 5;

    public function __construct(private AdaptationPresenter $wording, private DayPresenter $days)
    {
    }

    /** @param list<array{BraiseRecord, AdaptedBraise, WholeDay|null}> $braises */
    public function write(string $name, array $braises, Measures $measures, \DateTimeImmutable $now): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Pausis//Braise plan//EN', 'NAME' => $name, 'X-WR-CALNAME' => $name,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT15M',
        ]);
        foreach ($braises as [$braise, $adapted, $whole]) {
            $this->addBraise($calendar, $braise, $adapted, $whole, $measures, $now);
        }

        return $calendar->serialize();
    }

    private function addBraise(
        VCalendar $calendar, BraiseRecord $braise, AdaptedBraise $adapted, ?WholeDay $whole, Measures $measures, \DateTimeImmutable $now,
    ): void {
        $day = $adapted->day();
        foreach ($day instanceof Clash ? [] : $day->tasks as $task) {
            $this->add($calendar, $braise, $task, $adapted, $measures, $now);
        }
        $within = self::within($adapted);
        foreach ($whole->placed ?? [] as $placed) {
            if (!isset($within[$placed->job->id]) || (null !== $placed->job->pinned && TaskKind::ForkTest->value !== $placed->job->id)) {
                $who = $placed->person->name ?? '';
                $this->event(
                    $calendar, $braise, $placed->job->id, $placed->from, $placed->to,
                    $this->days->text($placed, $measures).('' === $who ? '' : " ($who)"), '', $now,
                );
            }
        }
    }

    /** @return array<string, true> ids of the jobs that the descriptions of the tasks tell */
    private static function within(AdaptedBraise $adapted): array
    {
        $told = $adapted->chosen->work->in(Stage::Before, Stage::Start, Stage::Finish, Stage::Table, Stage::Later);
        $ids = array_map(static fn (Chore $c): string => $c->id, $told);

        return array_fill_keys(array_diff([...$ids, TaskKind::ForkTest->value, 'boil-beans', 'turn-setting'], ['portion']), true);
    }

    private function event(
        VCalendar $calendar, BraiseRecord $braise, string $id, \DateTimeImmutable $from, \DateTimeImmutable $to, string $text,
        string $detail, \DateTimeImmutable $now,
    ): void {
        $utc = new \DateTimeZone('UTC');
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$braise->id-$id@pausis",
            'SEQUENCE' => $braise->revision,
            'DTSTAMP' => $now->setTimezone($utc),
            'DTSTART' => $from->setTimezone($utc),
            'DTEND' => $to->setTimezone($utc),
            'SUMMARY' => "$text – $braise->title",
            'DESCRIPTION' => $detail,
        ]);
        $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT5M', 'DESCRIPTION' => $text]);
        $calendar->add($event);
    }

    private function add(
        VCalendar $calendar, BraiseRecord $braise, Task $task, AdaptedBraise $adapted, Measures $measures, \DateTimeImmutable $now,
    ): void {
        $words = $this->wording->task($task, $adapted, $task->at, $measures);
        $end = $task->minutes > 0 ? $task->end() : $task->at->modify('+'.self::SHORTEST_MINUTES.' minutes');
        $this->event($calendar, $braise, $task->kind->value, $task->at, $end, $words->text,
            trim($words->detail.(TaskKind::Serve === $task->kind ? $this->wording->verdict($adapted, $measures) : '')), $now);
    }
}
