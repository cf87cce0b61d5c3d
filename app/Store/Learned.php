<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Pausis\Core\Learning\Belief;

/** What this household has learned of its cookers and its cuts. */
final readonly class Learned
{
    public function __construct(private EntityManagerInterface $manager, private Cookers $cookers)
    {
    }

    public function belief(): Belief
    {
        return Belief::kept(NotSetUp::or(fn (): array => $this->record()->belief ?? [], []));
    }

    /** Kept with the next flush, and with each cooker what is known of it. */
    public function keep(Belief $belief): void
    {
        $record = $this->record() ?? new KnowledgeRecord([]);
        $record->belief = $belief->toKeep();
        $this->manager->persist($record);
        foreach ($this->cookers->all() as $cooker) {
            $cooker->learn($belief);
        }
    }

    public function forget(): void
    {
        $this->keep(Belief::none());
        $this->manager->flush();
    }

    private function record(): ?KnowledgeRecord
    {
        return $this->manager->find(KnowledgeRecord::class, 1);
    }
}
