<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Placed;

/** A braise at a moment of its day: the one story that every place tells. */
final readonly class Underway
{
    /**
     * @param WholeDay                          $whole     every job of it with its time as it is now, those that are done included
     * @param array<string, \DateTimeImmutable> $done      when, by job, as somebody said
     * @param list<string>                      $settled   jobs that count as done or under way, since their time has come and nobody says
     *                                                     otherwise
     * @param list<Placed>                      $overdue   work with the hands that nobody has ticked though what comes of it can't wait any
     *                                                     more
     * @param \DateTimeImmutable|null           $otherwise dinner, if that isn't under way
     * @param Moved|null                        $moved     what isn't as it was planned any more
     * @param FollowedCook|null                 $cook      the pot, once it is on
     */
    public function __construct(
        public State $state, public WholeDay $whole, public array $done = [], public array $settled = [], public array $overdue = [],
        public ?Moved $moved = null, public ?FollowedCook $cook = null, public ?\DateTimeImmutable $otherwise = null,
    ) {
    }

    /** @return array<string, \DateTimeImmutable|null> when each of the settled began; null where its time isn't known */
    public function begun(): array
    {
        $from = array_fill_keys($this->settled, null);
        foreach ($this->whole->placed as $placed) {
            if (\array_key_exists($placed->job->id, $from)) {
                $from[$placed->job->id] = $placed->from;
            }
        }

        return $from;
    }

    /** @return list<Placed> still to be done, in order of time */
    public function left(): array
    {
        return array_values(array_filter(
            $this->whole->placed,
            fn (Placed $p): bool => !isset($this->done[$p->job->id]) && !\in_array($p->job->id, $this->settled, true),
        ));
    }
}
