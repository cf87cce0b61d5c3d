<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The day on one clock: the pot, who is there to work, and the verdict along it. Moments are ISO 8601; empty where there is none. */
final readonly class RibbonView
{
    /**
     * @param list<PotLine>    $pots    ten
     * @param list<PhraseView> $phrases in order of time
     * @param list<SpanView>   $work    in which somebody has their hands full
     * @param list<SpanView>   $away    nobody at home
     * @param list<SpanView>   $asleep
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $now,
        public string $switchOn,
        public string $sauce,
        public string $serve,
        public string $setting,
        public array $pots,
        public array $phrases,
        public array $work,
        public array $away,
        public array $asleep,
    ) {
    }
}
