<?php

declare(strict_types=1);

namespace Pausis\Core\Heat\Internal;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Event;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Setup;

/** Cuts a cook at every change of setting, lid, power or load. */
final class Timeline
{
    private const HOUR = 3600.0;

    /** @var \WeakMap<Setup, array<string, list<Segment>>>|null */
    private static ?\WeakMap $cut = null;

    /**
     * The same for every member of an ensemble: cut once a setup.
     *
     * @param list<float> $watched seconds at which a segment must begin
     *
     * @return list<Segment>
     */
    public static function ofSetup(Setup $setup, float $horizon, array $watched): array
    {
        self::$cut ??= new \WeakMap();
        self::$cut[$setup] ??= [];

        return self::$cut[$setup][$horizon.' '.implode(' ', $watched)] ??= self::of($setup->program, $setup->events, $horizon, $watched);
    }

    /**
     * @param list<Event> $events
     * @param list<float> $watched seconds at which a segment must begin
     *
     * @return list<Segment> without gaps from 0 to $horizon seconds; none longer than an hour, so that a run can end early
     */
    public static function of(Program $program, array $events, float $horizon, array $watched = []): array
    {
        $lifts = array_filter($events, static fn (Event $e): bool => $e instanceof LidLift);
        $cuts = array_filter($events, static fn (Event $e): bool => $e instanceof PowerCut);
        $additions = array_filter($events, static fn (Event $e): bool => $e instanceof LateAddition);

        $bounds = range(0.0, $horizon, self::HOUR);
        array_push($bounds, $horizon, ...$watched);
        foreach ($program->changes as $change) {
            $bounds[] = $change->at->seconds;
        }
        foreach ($events as $event) {
            $bounds[] = $event->at()->seconds;
            $bounds[] = $event->at()->seconds + match (true) {
                $event instanceof LidLift => $event->open->seconds,
                $event instanceof PowerCut => $event->length->seconds,
                default => 0.0,
            };
        }
        $bounds = array_values(array_unique(array_filter($bounds, static fn (float $s): bool => $s <= $horizon)));
        sort($bounds);

        $segments = [];
        for ($i = 0, $last = \count($bounds) - 1; $i < $last; ++$i) {
            $from = $bounds[$i];
            $segments[] = new Segment(
                $from,
                $bounds[$i + 1],
                self::settingAt($program, $from),
                self::any(
                    $cuts, static fn (PowerCut $c): bool => $from >= $c->at()->seconds && $from < $c->at()->seconds + $c->length->seconds,
                ),
                self::any(
                    $lifts, static fn (LidLift $l): bool => $from >= $l->at()->seconds && $from < $l->at()->seconds + $l->open->seconds,
                ),
                self::any($lifts, static fn (LidLift $l): bool => $from === $l->at()->seconds),
                array_values(array_map(
                    static fn (LateAddition $a) => $a->content,
                    array_filter($additions, static fn (LateAddition $a): bool => $from === $a->at()->seconds),
                )),
            );
        }

        return $segments;
    }

    /**
     * @template T
     *
     * @param array<T>          $all
     * @param callable(T): bool $test
     */
    private static function any(array $all, callable $test): bool
    {
        foreach ($all as $one) {
            if ($test($one)) {
                return true;
            }
        }

        return false;
    }

    private static function settingAt(Program $program, float $seconds): Setting
    {
        $setting = Setting::Off;
        foreach ($program->changes as $change) {
            if ($change->at->seconds <= $seconds) {
                $setting = $change->setting;
            }
        }

        return $setting;
    }
}
