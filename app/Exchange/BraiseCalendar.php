<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Api\Presentation\AdaptationPresenter;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Wording\Measures;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Sabre\VObject\Component\VCalendar;

/** The plan as iCalendar (RFC 5545): one event a task, with an alarm, in UTC. UIDs are stable, SEQUENCE is the revision. */
final readonly class BraiseCalendar
{
    private const SHORTEST_MINUTES = 5;

    public function __construct(private AdaptationPresenter $wording)
    {
    }

    public function write(BraiseRecord $braise, AdaptedBraise $adapted, Measures $measures, \DateTimeImmutable $now): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Pausis//Braise plan//EN', 'NAME' => $braise->title, 'X-WR-CALNAME' => $braise->title]);
        $day = $adapted->chosen->day;
        foreach ($day instanceof Clash ? [] : $day->tasks as $task) {
            $this->add($calendar, $braise, $task, $adapted, $measures, $now);
        }

        return $calendar->serialize();
    }

    private function add(VCalendar $calendar, BraiseRecord $braise, Task $task, AdaptedBraise $adapted, Measures $measures, \DateTimeImmutable $now): void
    {
        $utc = new \DateTimeZone('UTC');
        $words = $this->wording->task($task, $task->at, $measures);
        $end = $task->minutes > 0 ? $task->end() : $task->at->modify('+'.self::SHORTEST_MINUTES.' minutes');
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$braise->id-{$task->kind->value}@pausis",
            'SEQUENCE' => $braise->revision,
            'DTSTAMP' => $now->setTimezone($utc),
            'DTSTART' => $task->at->setTimezone($utc),
            'DTEND' => $end->setTimezone($utc),
            'SUMMARY' => "$words->text – $braise->title",
            'DESCRIPTION' => trim($words->detail.(TaskKind::Serve === $task->kind ? $this->wording->verdict($adapted, $measures) : '')),
        ]);
        $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT5M', 'DESCRIPTION' => $words->text]);
        $calendar->add($event);
    }
}
