<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A way out of a day that can’t be, or what takes a worry away; it was taken and planned. */
final readonly class WayView
{
    /**
     * @param array<string, mixed> $change    of the draft, as a JSON merge patch (RFC 7396); empty where it is only advice
     * @param string               $serveText the dinner that it leads to
     */
    public function __construct(
        public string $code,
        public string $text,
        public array $change,
        public string $serveText,
    ) {
    }
}
