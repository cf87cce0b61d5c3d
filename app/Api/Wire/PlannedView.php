<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A braise that is planned. */
final readonly class PlannedView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $day,
        public string $verdict,
        public string $worry,
        public bool $works,
        public ?RibbonView $ribbon,
        public ?PotView $pot,
    ) {
    }
}
