<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Pausis\App\Store\Learned;
use Pausis\Core\Learning\Belief;

/**
 * Puts a house's file into the store: beside what is there, of which nothing is changed, or in its place. All of it or nothing.
 *
 * @phpstan-import-type File from WholeHouse
 * @phpstan-import-type Row from WholeHouse
 */
final readonly class TakeInHouse
{
    public function __construct(private Connection $connection, private EntityManagerInterface $manager, private Learned $learned)
    {
    }

    /**
     * What it would do.
     *
     * @param File $file
     *
     * @return array<string, array{new: int, kept: int, gone: int}> by part: added; there already; there and not in the file, where replaced
     */
    public function foreseen(array $file, bool $replace): array
    {
        $counts = [];
        foreach (WholeHouse::PARTS as $name => $table) {
            $ids = $this->ids($name, $file);
            $here = $this->here($table, $ids);
            $all = $this->connection->fetchOne("SELECT COUNT(*) FROM $table");
            $counts[$name] = [
                'new' => \count($ids) - ($replace ? 0 : $here), 'kept' => $replace ? 0 : $here,
                'gone' => $replace && is_numeric($all) ? (int) $all : 0,
            ];
        }

        return $counts;
    }

    /** @param File $file */
    public function take(array $file, bool $replace): void
    {
        $this->manager->wrapInTransaction(function () use ($file, $replace): void {
            if ($replace) {
                foreach (array_reverse(WholeHouse::PARTS) as $table) {
                    $this->connection->executeStatement("DELETE FROM $table");
                }
                $this->connection->executeStatement('DELETE FROM knowledge');
            }
            $this->house($file['house'], $replace);
            $isOurs = !$replace && false !== $this->connection->fetchOne('SELECT id FROM braise LIMIT 1');
            $there = [];
            foreach (WholeHouse::PARTS as $name => $table) {
                $there[$name] = $replace ? [] : $this->idsHere($table, $this->ids($name, $file));
                foreach ($file[$name] as $row) {
                    $this->put($name, $table, $row, $there, $isOurs);
                }
            }
            $this->manager->clear();
            if (null !== $file['learned'] && [] === $this->learned->belief()->means) {
                $this->learned->keep(Belief::kept($file['learned']));
            }
        });
    }

    /**
     * @param Row                          $row
     * @param array<string, array<string>> $there  ids that are in the store already, by part
     * @param bool                         $isOurs whether somebody cooks in the store's house already
     */
    private function put(string $name, string $table, array $row, array $there, bool $isOurs): void
    {
        $id = $row['meanings' === $name ? 'words' : 'id'];
        $isThere = \in_array($id, $there[$name], true);
        // A pot that is on comes with its house, not with another's.
        $isOnElsewhere = $isOurs && 'cooks' === $name && null === ($row['closedAt'] ?? null);
        // The page of a cook that has one here.
        $isPageOfOurs = 'pages' === $name && \in_array($row['cookId'], $there['cooks'], true);
        if (!$isThere && !$isOnElsewhere && !$isPageOfOurs) {
            $this->connection->insert($table, WholeHouse::in($row));
        }
    }

    /** @param Row $house */
    private function house(array $house, bool $replace): void
    {
        $revision = $this->connection->fetchOne('SELECT revision FROM house WHERE id = 1');
        $columns = WholeHouse::in($house);
        if ([] === $columns || (is_numeric($revision) && (int) $revision > 0 && !$replace)) {
            return;
        }
        $columns['revision'] = 1 + (is_numeric($revision) ? (int) $revision : 0);
        false === $revision
            ? $this->connection->insert('house', ['id' => 1, ...$columns])
            : $this->connection->update('house', $columns, ['id' => 1]);
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return list<string>
     */
    private function ids(string $name, array $file): array
    {
        $rows = $file[$name] ?? null;

        /** @var list<string> */
        return array_column(\is_array($rows) ? $rows : [], 'meanings' === $name ? 'words' : 'id');
    }

    /** @param list<string> $ids */
    private function here(string $table, array $ids): int
    {
        return \count($this->idsHere($table, $ids));
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function idsHere(string $table, array $ids): array
    {
        $key = 'meaning' === $table ? 'words' : 'id';
        $found = [];
        foreach (array_chunk($ids, 500) as $some) {
            array_push($found, ...$this->connection->fetchFirstColumn(
                "SELECT $key FROM $table WHERE $key IN (:some)", ['some' => $some], ['some' => ArrayParameterType::STRING],
            ));
        }

        /** @var list<string> */
        return $found;
    }
}
