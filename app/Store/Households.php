<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\TableNotFoundException;
use Doctrine\ORM\EntityManagerInterface;

final readonly class Households
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** The house as set, or as it would be set at first; also where no store has been set up yet. */
    public function get(): HouseRecord
    {
        try {
            return $this->manager->find(HouseRecord::class, HouseRecord::ONLY) ?? new HouseRecord();
        } catch (TableNotFoundException|ConnectionException) {
            return new HouseRecord();
        }
    }

    public function save(HouseRecord $house): void
    {
        $this->manager->persist($house);
        $this->manager->flush();
    }
}
