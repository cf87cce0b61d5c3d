<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;

final readonly class Cookers
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** Not a deleted one. */
    public function find(string $id): ?CookerRecord
    {
        $cooker = $this->findDeleted($id);

        return null === $cooker?->deletedAt ? $cooker : null;
    }

    public function findDeleted(string $id): ?CookerRecord
    {
        return '' === $id ? null : NotSetUp::or(fn (): ?CookerRecord => $this->manager->find(CookerRecord::class, $id), null);
    }

    /** @return list<CookerRecord> the largest first */
    public function all(): array
    {
        return NotSetUp::or(
            fn (): array => $this->manager->getRepository(CookerRecord::class)->findBy(
                ['deletedAt' => null], ['capacityLitres' => 'DESC', 'id' => 'ASC'],
            ),
            [],
        );
    }

    public function save(CookerRecord $cooker): void
    {
        $this->manager->persist($cooker);
        $this->manager->flush();
    }
}
