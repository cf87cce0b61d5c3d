<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The house's passphrase, and how the device calls itself. */
final readonly class DoorDraft
{
    public function __construct(
        #[Assert\Length(max: 200)] public string $passphrase,
        #[Assert\Length(max: 120)] public string $device = '',
    ) {
    }
}
