<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One line of the notebook: planned against happened. */
#[ORM\Entity]
#[ORM\Table(name: 'notebook')]
class NotebookRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    /**
     * @param array<string, string|float|null> $planned
     * @param array<string, string|float|null> $happened
     */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        public CookRecord $cook,
        #[ORM\Column(length: 200)]
        public string $title,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $cookedOn,
        #[ORM\Column(type: Types::JSON)]
        public array $planned,
        #[ORM\Column(type: Types::JSON)]
        public array $happened,
        #[ORM\Column(type: Types::TEXT)]
        public string $note,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }
}
