<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;

final readonly class Households
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** The house as set, or as it would be set at first; also where no store has been set up yet. */
    public function get(): HouseRecord
    {
        return NotSetUp::or(fn (): ?HouseRecord => $this->manager->find(HouseRecord::class, HouseRecord::ONLY), null) ?? new HouseRecord();
    }

    /**
     * Changes the house if nobody has since the revision that the change was made from; what it is already is kept as it is.
     *
     * @param callable(HouseRecord): void $change
     *
     * @throws StaleRevision
     */
    public function change(int $revision, callable $change): HouseRecord
    {
        return $this->manager->wrapInTransaction(static function (EntityManagerInterface $manager) use ($revision, $change): HouseRecord {
            $house = $manager->find(HouseRecord::class, HouseRecord::ONLY) ?? new HouseRecord();
            !$manager->contains($house) || $manager->refresh($house);
            if ($revision !== $house->revision) {
                $changed = clone $house;
                $change($changed);

                return $changed == $house ? $house : throw new StaleRevision();
            }
            $change($house);
            ++$house->revision;
            $manager->persist($house);

            return $house;
        });
    }
}
