<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A caution, with its measured value and a remedy that was checked. */
final readonly class FindingView
{
    /** @param string $remedy code, empty where there is none */
    public function __construct(
        public string $rule,
        public string $severity,
        public string $text,
        public string $remedy,
        public string $remedyText,
    ) {
    }
}
