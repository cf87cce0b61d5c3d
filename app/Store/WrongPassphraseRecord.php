<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** That somebody was wrong at the door; forgotten after a day. */
#[ORM\Entity]
#[ORM\Table(name: 'wrong_passphrase')]
class WrongPassphraseRecord
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    public int $id;

    /** @param int $at Unix time */
    public function __construct(
        #[ORM\Column(type: Types::INTEGER)]
        public int $at,
        #[ORM\Column(length: 45)]
        public string $address,
    ) {
    }
}
