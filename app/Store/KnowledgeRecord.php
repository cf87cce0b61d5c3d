<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** All that the household has learned of its cookers and cuts, together. */
#[ORM\Entity]
#[ORM\Table(name: 'knowledge')]
class KnowledgeRecord
{
    #[ORM\Id]
    #[ORM\Column]
    public int $id = 1;

    /** @param array<string, mixed> $belief a Belief, as it is kept */
    public function __construct(#[ORM\Column(type: Types::JSON)] public array $belief)
    {
    }
}
