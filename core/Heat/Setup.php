<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Temperature;

/** Everything that decides how one cook heats. */
final readonly class Setup
{
    /**
     * @param list<Content> $contents all in the insert but the meat, as loaded
     * @param list<Event>   $events
     */
    public function __construct(
        public Cooker $cooker,
        public Room $room,
        public Temperature $insert,
        public Joint $joint,
        public array $contents,
        public Program $program,
        public array $events = [],
    ) {
    }

    /** @param list<Event> $events */
    public function running(Program $program, array $events): self
    {
        return new self($this->cooker, $this->room, $this->insert, $this->joint, $this->contents, $program, $events);
    }
}
