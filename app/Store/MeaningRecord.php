<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pausis\Core\Larder\Larder;

/** What some words of a recipe mean in this house. */
#[ORM\Entity]
#[ORM\Table(name: 'meaning')]
class MeaningRecord
{
    /** @param string $words as Larder::normal leaves them */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 200)]
        public string $words,
        #[ORM\Column(length: 400)]
        public string $food,
        #[ORM\Column(length: 20)]
        public string $role,
        #[ORM\Column(type: Types::BOOLEAN)]
        public bool $ignored,
    ) {
    }
}
