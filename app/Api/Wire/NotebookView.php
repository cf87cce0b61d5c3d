<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A page of the notebook: the cooks that were asked for, newest first, and by what may be asked. */
final readonly class NotebookView
{
    /**
     * @param list<CookedView> $cooks
     * @param string           $found   how many there are, in words
     * @param int              $pages   of as many as are shown at once
     * @param list<Choice>     $cuts
     * @param list<Choice>     $cookers
     * @param list<Choice>     $people
     */
    public function __construct(
        public array $cooks,
        public string $found,
        public int $page,
        public int $pages,
        public array $cuts,
        public array $cookers,
        public array $people,
    ) {
    }
}
