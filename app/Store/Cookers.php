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

    /**
     * @param int                          $revision that the change was made from; 0 for whatever it is
     * @param callable(CookerRecord): void $change
     *
     * @throws StaleRevision
     */
    public function change(CookerRecord $cooker, int $revision, callable $change): void
    {
        $this->manager->wrapInTransaction(static function (EntityManagerInterface $manager) use ($cooker, $revision, $change): void {
            $manager->refresh($cooker);
            if (0 !== $revision && $revision !== $cooker->revision) {
                $changed = clone $cooker;
                $change($changed);
                // What was sent twice, since nobody waited for the answer, is kept once.
                $changed == $cooker || throw new StaleRevision();

                return;
            }
            $change($cooker);
            ++$cooker->revision;
        });
    }

    public function save(CookerRecord $cooker): void
    {
        $this->manager->persist($cooker);
        $this->manager->flush();
    }
}
