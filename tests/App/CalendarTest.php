<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** The calendar file, read back by a library. */
final class CalendarTest extends ApiTestCase
{
    public function testEveryTaskIsAnEventWithAnAlarmInUtc(): void
    {
        $events = $this->events($this->call('POST', '/api/braises', $this->draft(), 201));

        self::assertSame(
            ['prepare', 'switch-on', 'fork-test', 'likely-ready', 'sauce', 'serve', 'portion', 'fridge'],
            $this->sorted(array_keys($events), $events),
        );
        foreach ($events as $event) {
            self::assertSame('1', $event['alarms']);
            self::assertStringEndsWith('Z', $event['DTSTART']);
            self::assertGreaterThan($event['DTSTART'], $event['DTEND']);
        }
        self::assertSame('20261126T180000Z', $events['serve']['DTSTART']);
    }

    public function testANewPlanUpdatesTheOldEvents(): void
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $before = $this->events($braise);
        $moved = $this->call(
            'PUT', '/api/braises/'.self::text($braise, 'id'),
            ['revision' => 1, 'draft' => [...(array) $braise['draft'], 'serveAt' => '2026-11-26T19:30']],
        );
        $after = $this->events($moved);

        foreach ($before as $kind => $event) {
            self::assertSame($event['UID'], $after[$kind]['UID']);
            self::assertGreaterThan((int) $event['SEQUENCE'], (int) $after[$kind]['SEQUENCE']);
        }
        self::assertSame('20261126T183000Z', $after['serve']['DTSTART']);
    }

    public function testABraiseThatCantBeWorkedOutHasNoCalendar(): void
    {
        $id = self::text($this->call('POST', '/api/braises', [...$this->draft(), 'serves' => 'many'], 201), 'id');

        self::assertSame('serves', self::in($this->call('GET', "/api/braises/$id/calendar.ics", null, 422), 'violations.0.path'));
    }

    /**
     * @param array<array-key, mixed> $braise
     *
     * @return array<string, array<string, string>> properties by name, by the kind of task; and how many alarms
     */
    private function events(array $braise): array
    {
        $this->client->request('GET', '/api/braises/'.self::text($braise, 'id').'/calendar.ics');
        $calendar = Reader::read((string) $this->client->getResponse()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            $values = ['alarms' => (string) \count($event->select('VALARM'))];
            foreach ($event->children() as $child) {
                if ($child instanceof Property) {
                    $values[(string) $child->name] = (string) $child->getValue();
                }
            }
            $events[substr($values['UID'], 37, -7)] = $values;
        }

        return $events;
    }

    /**
     * @param list<string>                         $kinds
     * @param array<string, array<string, string>> $events
     *
     * @return list<string> in order of time
     */
    private function sorted(array $kinds, array $events): array
    {
        usort(
            $kinds,
            static fn (string $a, string $b): int => [
                $events[$a]['DTSTART'], $events[$a]['DTEND'],
            ] <=> [$events[$b]['DTSTART'], $events[$b]['DTEND']],
        );
        // Likely ready may stand before or after the first test, as the cook's absence has it.
        $fixed = array_values(array_diff($kinds, ['likely-ready']));
        array_splice($fixed, 3, 0, ['likely-ready']);

        return $fixed;
    }
}
