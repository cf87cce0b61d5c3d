<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;

/**
 * Every change reads the newest state under the store's write lock and adds to it: several people at one stove never
 * fail for being second.
 *
 * @phpstan-import-type CookEvent from CookRecord
 */
final readonly class Cooks
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function find(string $id): ?CookRecord
    {
        return $this->manager->find(CookRecord::class, $id);
    }

    public function running(BraiseRecord $braise): ?CookRecord
    {
        return $this->manager->getRepository(CookRecord::class)->findOneBy(['braise' => $braise, 'closedAt' => null]);
    }

    /** The cook that is on, or was closed so lately that something of it may still be to do. */
    public function lately(BraiseRecord $braise, \DateTimeImmutable $now): ?CookRecord
    {
        $newest = $this->manager->getRepository(CookRecord::class)->findOneBy(['braise' => $braise], ['switchedOn' => 'DESC']);

        return null === $newest?->closedAt || $newest->closedAt > $now->modify('-6 hours') ? $newest : null;
    }

    /** @return list<CookRecord> of all braises, the longest on first */
    public function on(): array
    {
        return $this->manager->getRepository(CookRecord::class)->findBy(['closedAt' => null], ['switchedOn' => 'ASC']);
    }

    /** @return array<string, CookRecord> the newest of each braise, by the braise's id */
    public function newestByBraise(): array
    {
        $newest = [];
        foreach ($this->manager->getRepository(CookRecord::class)->findBy([], ['switchedOn' => 'ASC']) as $cook) {
            $newest[$cook->braise->id] = $cook;
        }

        return $newest;
    }

    /** The cook of the braise that is on: this one, or the one that somebody else has begun meanwhile. */
    public function start(CookRecord $cook): CookRecord
    {
        return $this->manager->wrapInTransaction(function (EntityManagerInterface $manager) use ($cook): CookRecord {
            $already = $this->running($cook->braise);
            null === $already && $manager->persist($cook);

            return $already ?? $cook;
        });
    }

    /** @param CookEvent $event one that comes twice, by its id, is kept once */
    public function record(CookRecord $cook, array $event): void
    {
        $this->change($cook, static function (CookRecord $cook) use ($event): void {
            if ('' !== ($event['id'] ?? '') && \in_array($event['id'], array_column($cook->events, 'id'), true)) {
                return;
            }
            $events = [...$cook->events, [...$event, 'made' => self::newest($cook) + 1]];
            usort($events, static fn (array $a, array $b): int => new \DateTimeImmutable($a['at']) <=> new \DateTimeImmutable($b['at']));
            $cook->events = $events;
        });
    }

    /** @param string $id of the event; empty for the one that was recorded last */
    public function forget(CookRecord $cook, string $id): void
    {
        $this->change($cook, static function (CookRecord $cook) use ($id): void {
            $newest = self::newest($cook);
            $cook->events = '' === $id && 0 === $newest ? \array_slice($cook->events, 0, -1)
                : array_values(array_filter(
                    $cook->events, static fn (array $e): bool => '' === $id ? ($e['made'] ?? 0) !== $newest : ($e['id'] ?? '') !== $id,
                ));
        });
    }

    /** Switched on at another time, or on another setting, than was said. */
    public function restart(CookRecord $cook, \DateTimeImmutable $at, string $program): void
    {
        $this->change($cook, static function (CookRecord $cook) use ($at, $program): void {
            $cook->switchedOn = $at;
            $cook->program = $program;
        });
    }

    /** Not switched on after all. */
    public function notOn(CookRecord $cook): void
    {
        $this->manager->wrapInTransaction(static function (EntityManagerInterface $manager) use ($cook): void {
            $manager->refresh($cook);
            if (null === $cook->closedAt) {
                $manager->remove($cook);
            }
        });
    }

    /** All that was said of a job. */
    public function takeBack(CookRecord $cook, string $job): void
    {
        $this->change($cook, static function (CookRecord $cook) use ($job): void {
            $cook->events = array_values(array_filter(
                $cook->events, static fn (array $e): bool => !\in_array($e['kind'], ['done', 'not-yet'], true) || $e['value'] !== $job,
            ));
        });
    }

    /**
     * Closes a cook that is open; where somebody else has closed it, that stands.
     *
     * @param callable(CookRecord): NotebookRecord $closing
     */
    public function close(CookRecord $cook, \DateTimeImmutable $at, callable $closing): void
    {
        $this->change($cook, function (CookRecord $cook) use ($at, $closing): void {
            if (null === $cook->closedAt) {
                $this->manager->persist($closing($cook));
                $cook->closedAt = $at;
            }
        });
    }

    /** @param callable(CookRecord): void $undo what closing it has taught */
    public function reopen(CookRecord $cook, callable $undo): void
    {
        $this->change($cook, function (CookRecord $cook) use ($undo): void {
            if (null === $cook->closedAt || null !== $this->running($cook->braise)) {
                return;
            }
            $undo($cook);
            $cook->closedAt = $cook->closing = null;
            foreach ($this->manager->getRepository(NotebookRecord::class)->findBy(['cook' => $cook]) as $entry) {
                $cook->said = $entry->said();
                $this->manager->remove($entry);
            }
        });
    }

    /** The number of the record that was made last. */
    private static function newest(CookRecord $cook): int
    {
        return max([0, ...array_column($cook->events, 'made')]);
    }

    /** @param callable(CookRecord): void $change */
    private function change(CookRecord $cook, callable $change): void
    {
        $this->manager->wrapInTransaction(static function (EntityManagerInterface $manager) use ($cook, $change): void {
            $manager->refresh($cook);
            $change($cook);
        });
    }
}
