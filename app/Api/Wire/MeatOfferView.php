<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cut in one form for a dinner, sketched. */
final readonly class MeatOfferView
{
    /**
     * @param string               $day      when it would go on and be ready; why not where it doesn’t work
     * @param string               $hold     how long it waits for dinner, and whether that is too long
     * @param string               $switchOn ISO 8601; empty where it doesn’t work
     * @param string               $serve    ISO 8601; empty where it doesn’t work
     * @param list<PotLine>        $pots
     * @param list<float>          $rank     the smaller the better, place by place
     * @param array<string, mixed> $change   merge patch (RFC 7396) of the draft
     */
    public function __construct(
        public string $cut,
        public string $form,
        public string $name,
        public string $formText,
        public string $buy,
        public bool $works,
        public string $setting,
        public string $day,
        public string $hold,
        public string $window,
        public string $switchOn,
        public string $serve,
        public array $pots,
        public array $rank,
        public array $change,
    ) {
    }
}
