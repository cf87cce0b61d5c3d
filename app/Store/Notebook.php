<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;

/** The pages of all cooks that are over. */
final readonly class Notebook
{
    public const PAGE = 25;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function find(string $id): ?NotebookRecord
    {
        return $this->manager->find(NotebookRecord::class, $id);
    }

    /** @return list<NotebookRecord> of one braise, newest first */
    public function of(BraiseRecord $braise): array
    {
        /** @var list<NotebookRecord> */
        return $this->manager->createQuery(
            'SELECT n, c FROM '.NotebookRecord::class.' n JOIN n.cook c WHERE c.braise = :braise ORDER BY n.cookedOn DESC, n.id DESC',
        )->setParameter('braise', $braise)->getResult();
    }

    /** @return list<NotebookRecord> oldest first, with their cooks */
    public function all(): array
    {
        /** @var list<NotebookRecord> */
        return $this->manager->createQuery(
            'SELECT n, c FROM '.NotebookRecord::class.' n JOIN n.cook c ORDER BY n.cookedOn, n.id',
        )->getResult();
    }

    /**
     * Those in which every word stands, or one that begins so, newest first.
     *
     * @param string $words of title, foods, note and what to change; empty for all
     * @param int    $page  from 1
     *
     * @return array{list<NotebookRecord>, int} a page of them, and how many there are
     */
    public function search(string $words, string $cut, string $cookerId, string $cookedBy, int $page): array
    {
        $where = $with = [];
        $match = self::match($words);
        if ('' !== $match) {
            $where[] = 'id IN (SELECT entry FROM notebook_words WHERE notebook_words MATCH :match)';
            $with['match'] = $match;
        }
        foreach (['cut' => $cut, 'cooker_id' => $cookerId, 'cooked_by' => $cookedBy] as $column => $wanted) {
            if ('' !== $wanted) {
                $where[] = "$column = :$column";
                $with[$column] = $wanted;
            }
        }
        $from = 'FROM notebook'.([] === $where ? '' : ' WHERE '.implode(' AND ', $where));
        $connection = $this->manager->getConnection();
        $count = $connection->fetchOne("SELECT COUNT(*) $from", $with);
        /** @var list<string> $ids */
        $ids = $connection->fetchFirstColumn(
            "SELECT id $from ORDER BY cooked_on DESC, id DESC LIMIT ".self::PAGE.' OFFSET '.(max(1, $page) - 1) * self::PAGE, $with,
        );
        /** @var list<NotebookRecord> $found */
        $found = [] === $ids ? [] : $this->manager->createQuery(
            'SELECT n, c FROM '.NotebookRecord::class.' n JOIN n.cook c WHERE n.id IN (:ids) ORDER BY n.cookedOn DESC, n.id DESC',
        )->setParameter('ids', $ids, ArrayParameterType::STRING)->getResult();

        return [$found, is_numeric($count) ? (int) $count : 0];
    }

    /** @return array{cuts: list<string>, cookers: list<string>, people: list<string>} ids that some page has */
    public function choices(): array
    {
        $of = function (string $column): array {
            /** @var list<string> $ids */
            $ids = $this->manager->getConnection()->fetchFirstColumn(
                "SELECT $column FROM notebook WHERE $column <> '' GROUP BY $column ORDER BY COUNT(*) DESC, $column",
            );

            return $ids;
        };

        return ['cuts' => $of('cut'), 'cookers' => $of('cooker_id'), 'people' => $of('cooked_by')];
    }

    /**
     * @param int                            $revision that the change was made from
     * @param callable(NotebookRecord): void $change
     *
     * @throws StaleRevision
     */
    public function change(NotebookRecord $entry, int $revision, callable $change): void
    {
        $this->manager->wrapInTransaction(static function (EntityManagerInterface $manager) use ($entry, $revision, $change): void {
            $manager->refresh($entry);
            if ($revision !== $entry->revision) {
                $changed = clone $entry;
                $change($changed);
                $changed == $entry || throw new StaleRevision();

                return;
            }
            $change($entry);
            ++$entry->revision;
        });
    }

    /** What SQLite's FTS5 is asked for: each word as it is or begun, whatever signs were typed. */
    private static function match(string $words): string
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_substr($words, 0, 200), $all);

        return implode(' ', array_map(static fn (string $word): string => "\"$word\"*", $all[0]));
    }
}
