<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Meat\Cut;

/** What this household has learned of its cuts. */
final readonly class Needs
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function of(Cut $cut): Posterior
    {
        return NotSetUp::or(
            fn (): ?Posterior => $this->manager->find(NeedRecord::class, $cut->id)?->posterior($cut), null,
        ) ?? Posterior::prior($cut->needSigma);
    }

    /** Kept with the next flush. */
    public function learn(Cut $cut, Posterior $need): void
    {
        $record = $this->manager->find(NeedRecord::class, $cut->id) ?? new NeedRecord($cut->id, 0.0, $cut->needSigma, 0);
        $record->learn($need);
        $this->manager->persist($record);
    }
}
