<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;

final readonly class Households
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** The house as set, or as it would be set at first. */
    public function get(): HouseRecord
    {
        return $this->manager->find(HouseRecord::class, HouseRecord::ONLY) ?? new HouseRecord();
    }

    public function save(HouseRecord $house): void
    {
        $this->manager->persist($house);
        $this->manager->flush();
    }
}
