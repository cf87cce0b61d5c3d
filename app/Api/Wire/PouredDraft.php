<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Liquid added, hot or as it comes from the tap, or ladled off; the amount as typed. */
final readonly class PouredDraft
{
    public function __construct(
        #[Assert\Length(max: 30)] public string $amount,
        public bool $hot = false,
        public bool $out = false,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
