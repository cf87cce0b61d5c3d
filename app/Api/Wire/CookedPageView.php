<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cook's page: planned beside happened, the pot's course as it is believed to have been, what was recorded and what is said of it. */
final readonly class CookedPageView
{
    /**
     * @param bool               $braiseGone whether its recipe was taken away
     * @param list<NotebookLine> $lines
     * @param list<TickView>     $ticks      of the clock
     * @param list<CookedMark>   $marks      what was seen and done, in order
     * @param list<CourseView>   $course     empty where it can't be worked out any more
     * @param list<TickView>     $degrees    of the course's scale, the hour being °C
     * @param list<EventView>    $events
     * @param string             $learned    what it taught
     * @param list<Choice>       $people     who may have cooked
     */
    public function __construct(
        public CookedView $cook,
        public int $revision,
        public bool $braiseGone,
        public array $lines,
        public array $ticks,
        public array $marks,
        public array $course,
        public array $degrees,
        public string $courseText,
        public array $events,
        public string $learned,
        public string $note,
        public string $nextTime,
        public int $meatStars,
        public int $sauceStars,
        public string $cookedBy,
        public array $people,
    ) {
    }
}
