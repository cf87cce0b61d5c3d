<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Doctrine\ORM\Query\Parameter;

/** @phpstan-import-type Stored from StoredPlan */
final readonly class Braises
{
    private const MOST_LISTED = 500;
    private const MOST_PLANS = 12;
    private const MOST_TICKS = 300;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** Not the deleted ones. */
    public function find(string $id): ?BraiseRecord
    {
        $braise = $this->manager->find(BraiseRecord::class, $id);

        return null === $braise?->deletedAt ? $braise : null;
    }

    public function findDeleted(string $id): ?BraiseRecord
    {
        return $this->manager->find(BraiseRecord::class, $id);
    }

    /** @return list<BraiseRecord> last changed first */
    public function all(): array
    {
        return $this->manager->getRepository(BraiseRecord::class)->findBy(
            ['deletedAt' => null], ['updatedAt' => 'DESC', 'id' => 'DESC'], self::MOST_LISTED,
        );
    }

    /**
     * The days of the other braises that are not over.
     *
     * @return list<array{id: string, title: string, plan: Stored}>
     */
    public function otherPlans(string $id, \DateTimeImmutable $now): array
    {
        /** @var list<array{id: string, title: string, plan: Stored}> */
        return NotSetUp::or(fn (): array => $this->manager->createQuery(
            'SELECT b.id, b.title, b.plan FROM '.BraiseRecord::class
                .' b WHERE b.deletedAt IS NULL AND b.planUntil > :now AND b.id <> :id ORDER BY b.planUntil',
        )
            ->setParameters(new ArrayCollection([new Parameter('now', $now, Types::DATETIME_IMMUTABLE), new Parameter('id', $id)]))
            ->setMaxResults(self::MOST_PLANS)->getArrayResult(), []);
    }

    public function add(BraiseRecord $braise): void
    {
        $this->manager->persist($braise);
        $this->manager->flush();
    }

    /**
     * Changes a braise if nobody has since the revision that the change was made from.
     *
     * @param callable(BraiseRecord): void $change
     *
     * @throws StaleRevision
     */
    public function change(BraiseRecord $braise, int $revision, callable $change): void
    {
        try {
            $this->manager->lock($braise, LockMode::OPTIMISTIC, $revision);
            $change($braise);
            $this->manager->flush();
        } catch (OptimisticLockException $e) {
            throw null === $e->getPrevious() ? new StaleRevision() : $e;
        }
    }

    /**
     * Adds what is said of a job, or takes back all of it.
     *
     * @param array{id: string, kind: string, at: string, value: string, settled: array<int|string, string>} $tick
     */
    public function tick(BraiseRecord $braise, array $tick): void
    {
        $this->manager->wrapInTransaction(function (EntityManagerInterface $manager) use ($braise, $tick): void {
            $manager->refresh($braise);
            $known = '' !== $tick['id'] && \in_array($tick['id'], array_column($braise->ticks, 'id'), true);
            $ticks = match (true) {
                'taken-back' === $tick['kind'] => array_values(array_filter(
                    $braise->ticks, static fn (array $t): bool => $t['value'] !== $tick['value'],
                )),
                $known => $braise->ticks,
                default => \array_slice([...$braise->ticks, $tick], -self::MOST_TICKS),
            };
            $this->update($braise, 'ticks', $ticks);
            $manager->refresh($braise);
        });
    }

    /**
     * What was answered as the pot was switched on; no revision of what was typed, where nobody typed it.
     *
     * @param array<string, mixed> $draft
     */
    public function answered(BraiseRecord $braise, array $draft): void
    {
        if ($draft !== $braise->draft) {
            $this->update($braise, 'draft', $draft);
            $this->manager->refresh($braise);
        }
    }

    /** @param array<array-key, mixed> $value */
    private function update(BraiseRecord $braise, string $field, array $value): void
    {
        $this->manager->createQuery('UPDATE '.BraiseRecord::class." b SET b.$field = :value WHERE b.id = :id")
            ->setParameters(new ArrayCollection([new Parameter('value', $value, Types::JSON), new Parameter('id', $braise->id)]))
            ->execute();
    }

    /**
     * Keeps a day that another braise has changed: no revision of what was typed.
     *
     * @param Stored $plan
     */
    public function replan(BraiseRecord $braise, array $plan, string $headline): void
    {
        $this->manager->createQuery('UPDATE '.BraiseRecord::class.' b SET b.plan = :plan, b.headline = :headline WHERE b.id = :id')
            ->setParameters(new ArrayCollection([
                new Parameter('plan', $plan, Types::JSON), new Parameter('headline', $headline), new Parameter('id', $braise->id),
            ]))
            ->execute();
    }

    public function save(): void
    {
        $this->manager->flush();
    }
}
