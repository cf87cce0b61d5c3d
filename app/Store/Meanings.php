<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Vocabulary;

/** Corrections of the reader that this house has made. */
final readonly class Meanings
{
    /** The oldest are not asked for beyond this many. */
    private const MOST = 1000;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<MeaningRecord> */
    public function all(): array
    {
        return NotSetUp::or(
            fn (): array => $this->manager->getRepository(MeaningRecord::class)->findBy([], ['words' => 'ASC'], self::MOST), [],
        );
    }

    public function vocabulary(): Vocabulary
    {
        $meanings = [];
        foreach ($this->all() as $record) {
            $meanings[$record->words] = ['food' => $record->food, 'role' => Role::tryFrom($record->role), 'ignored' => $record->ignored];
        }

        return new Vocabulary($meanings);
    }

    public function learn(string $words, string $food, string $role, bool $ignored): MeaningRecord
    {
        $record = $this->manager->find(MeaningRecord::class, $words) ?? new MeaningRecord($words, '', '', false);
        [$record->food, $record->role, $record->ignored] = [$food, $role, $ignored];
        $this->manager->persist($record);
        $this->manager->flush();

        return $record;
    }

    public function forget(string $words): void
    {
        $record = $this->manager->find(MeaningRecord::class, $words);
        if (null !== $record) {
            $this->manager->remove($record);
            $this->manager->flush();
        }
    }
}
