<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A device that was let in with the house's passphrase. */
#[ORM\Entity]
#[ORM\Table(name: 'device')]
class DeviceRecord
{
    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    public \DateTimeImmutable $seenAt;

    /** @param string $token SHA-256 of what the device's cookie holds */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public string $id,
        #[ORM\Column(length: 120)]
        public string $name,
        #[ORM\Column(length: 64, unique: true)]
        public string $token,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $letInAt,
    ) {
        $this->seenAt = $letInAt;
    }
}
