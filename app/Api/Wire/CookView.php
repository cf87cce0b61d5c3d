<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A running pot: what is next, when, and what has been seen. */
final readonly class CookView
{
    /**
     * @param list<string>     $elsewhere ways to finish sooner, in words
     * @param list<WindowView> $windows
     * @param list<TaskView>   $tasks
     * @param list<EventView>  $events
     * @param list<FlagView>   $flags     the most serious first
     * @param bool             $begun     whether the sauce is
     * @param string           $on        when it was switched on, ISO 8601
     * @param string           $program   on what setting
     * @param string           $help      what would narrow the window most now
     * @param MomentView|null  $moment    the best guess of the pot now
     * @param string           $core      its middle, in the house's degrees
     * @param string           $serves    how many eat, and when, in words
     * @param string           $turnedTo  the setting that it is on, its code
     * @param bool             $asksFork  whether the fork is to be asked now, or within minutes
     * @param list<string>     $amounts   what the next act takes, as it is to be weighed out of this pot's recipe
     * @param list<string>     $takeOuts  what the act takes out that isn't eaten
     * @param bool             $isChilled whether it goes into the fridge, and is eaten another day
     * @param bool             $isDue     whether the next act's time has come, and somebody is awake to hear of it
     * @param bool             $stopped   whether it is to be thrown away, and nothing else matters
     */
    public function __construct(
        public string $id,
        public int $revision,
        public string $braiseId,
        public string $title,
        public bool $closed,
        public string $setting,
        public string $switchedOn,
        public string $now,
        public string $sinceOn,
        public ?TaskView $next,
        public string $nextIn,
        public string $headline,
        public string $late,
        public string $onHigh,
        public array $elsewhere,
        public string $lidCost,
        public array $windows,
        public string $readiness,
        public array $tasks,
        public array $events,
        public SauceDraft $sauce,
        public array $flags,
        public bool $begun,
        public FollowedView $followed,
        public string $on,
        public string $program,
        public bool $stopped,
        public string $help,
        public PotView $pot,
        public ?MomentView $moment,
        public string $core,
        public string $serveText,
        public string $serves,
        public array $amounts,
        public string $turnedTo,
        public bool $asksFork,
        public bool $asksSauce,
        public array $takeOuts,
        public bool $isChilled,
        public bool $isDue,
    ) {
    }
}
