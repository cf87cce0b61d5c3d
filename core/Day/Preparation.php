<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** What of the work before switching on is done, and done then rather than the evening before. */
final readonly class Preparation
{
    /**
     * @param bool $browns the meat
     * @param bool $fries  onions and friends
     * @param bool $cuts   vegetables
     * @param bool $mixes  spices
     */
    public function __construct(
        public bool $browns = true, public bool $fries = true, public bool $cuts = true, public bool $mixes = true,
        public bool $warmsInsert = false,
    ) {
    }
}
