<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What a changed draft comes to, beside the one as it is. */
final readonly class ComparedView
{
    /**
     * @param string $moved what it moves, in words; empty where nothing
     */
    public function __construct(
        public string $verdict,
        public bool $works,
        public string $load,
        public string $moved,
        public ?RibbonView $ribbon,
    ) {
    }
}
