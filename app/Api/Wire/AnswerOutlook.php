<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One answer of the fork, before it is given: how ten such pots would go, the window, the next look, dinner. */
final readonly class AnswerOutlook
{
    /**
     * @param list<PotLine> $pots   ten; hours after switching on
     * @param bool          $ready  whether the meat is as it is wanted
     * @param string        $likely when it is likely ready, as a clock says it; empty where it is
     * @param string        $window in words
     * @param string        $next   the next look, ISO 8601; empty where none is left
     * @param string        $until  until when it can stay as it is, ISO 8601; empty where it isn't ready
     * @param string        $keep   how it is kept until dinner, in words
     * @param string        $serve  dinner then, ISO 8601
     * @param bool          $moves  whether that is another than now
     */
    public function __construct(
        public string $value,
        public string $label,
        public string $hint,
        public array $pots,
        public bool $ready,
        public string $likely,
        public string $window,
        public string $next,
        public string $until,
        public string $keep,
        public string $serve,
        public string $serveText,
        public bool $moves,
    ) {
    }
}
