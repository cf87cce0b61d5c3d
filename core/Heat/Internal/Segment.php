<?php

declare(strict_types=1);

namespace Pausis\Core\Heat\Internal;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Content;

/** A stretch of a cook in which nothing but temperatures changes. Seconds after switching on. */
final readonly class Segment
{
    /** @param list<Content> $added mixed in at its start */
    public function __construct(
        public float $from,
        public float $to,
        public Setting $setting,
        public bool $powerCut,
        public bool $lidOpen,
        public bool $lidLifted,
        public array $added,
    ) {
    }
}
