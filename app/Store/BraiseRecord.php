<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A recipe being adapted: what the cook typed, as typed. What follows from it is worked out when asked. */
#[ORM\Entity]
#[ORM\Table(name: 'braise')]
#[ORM\Index(columns: ['deleted_at', 'updated_at'])]
#[ORM\Index(name: 'IDX_BRAISE_PLAN_UNTIL', columns: ['plan_until'])]
class BraiseRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    /** Counts up with every change; a change must name the one it was made from. */
    #[ORM\Column(type: Types::INTEGER)]
    #[ORM\Version]
    public int $revision = 1;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $deletedAt = null;

    /** The verdict when last saved, for the list. */
    #[ORM\Column(type: Types::TEXT)]
    public string $headline = '';

    /** @var array<string, mixed>|null the day when last saved, a StoredPlan */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $plan = null;

    /** When that day is over. */
    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $planUntil = null;

    /** When the plan was made that is followed; null of before, when it is that of the last change. */
    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $plannedAt = null;

    /**
     * Of its jobs, before its pot is on.
     *
     * @var list<array{id: string, kind: string, at: string, value: string, settled: array<int|string, string>}>
     */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $ticks = [];

    /** @param array<string, mixed> $draft a BraiseDraft, normalized */
    public function __construct(
        #[ORM\Column(length: 200)]
        public string $title,
        #[ORM\Column(type: Types::JSON)]
        public array $draft,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $updatedAt,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }
}
