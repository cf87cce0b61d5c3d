<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;

/** @phpstan-import-type CookEvent from CookRecord */
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

    /** @return array<string, CookRecord> the newest of each braise, by the braise's id */
    public function newestByBraise(): array
    {
        $newest = [];
        foreach ($this->manager->getRepository(CookRecord::class)->findBy([], ['switchedOn' => 'ASC']) as $cook) {
            $newest[$cook->braise->id] = $cook;
        }

        return $newest;
    }

    public function add(CookRecord $cook): void
    {
        $this->manager->persist($cook);
        $this->manager->flush();
    }

    /** @param CookEvent $event */
    public function record(CookRecord $cook, array $event): void
    {
        $events = [...$cook->events, $event];
        usort($events, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $cook->events = $events;
        $this->manager->flush();
    }

    public function forgetLast(CookRecord $cook): void
    {
        $cook->events = \array_slice($cook->events, 0, -1);
        $this->manager->flush();
    }

    public function close(CookRecord $cook, NotebookRecord $entry, \DateTimeImmutable $at): void
    {
        $cook->closedAt = $at;
        $this->manager->persist($entry);
        $this->manager->flush();
    }

    /** @return list<NotebookRecord> newest first */
    public function notebook(): array
    {
        return $this->manager->getRepository(NotebookRecord::class)->findBy([], ['cookedOn' => 'DESC']);
    }
}
