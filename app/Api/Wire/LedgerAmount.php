<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** An amount in the ledger that the cook has set otherwise, as typed. */
final readonly class LedgerAmount
{
    public function __construct(
        #[Assert\Length(max: 300)] public string $key,
        #[Assert\Length(max: 40)] public string $typed,
    ) {
    }
}
