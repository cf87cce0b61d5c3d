<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Liquid\PotEnd;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaucePlan;

/** What an order loads for one way of running the cooker, and its best guess. */
final readonly class LoadedPot
{
    /**
     * @param Setup       $setup  with the meat that is tender last as the one that is looked at
     * @param Course      $best   of it, traced
     * @param list<Setup> $colder with other meats, that heat up more slowly
     */
    public function __construct(
        public BraiseOrder $order,
        public Setup $setup,
        public PotGeometry $geometry,
        public SaucePlan $sauce,
        public PotEnd $end,
        public Course $best,
        public array $colder = [],
    ) {
    }

    /** The same, run otherwise. */
    public function running(Setup $setup, Course $best): self
    {
        return new self(
            $this->order, $setup, $this->geometry, $this->sauce, $this->end, $best,
            array_map(static fn (Setup $s): Setup => $s->running($setup->program, $setup->events), $this->colder),
        );
    }
}
