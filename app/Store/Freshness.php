<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Connection;

/** A mark that changes with anything in the store that an answer may depend on: cheap enough for every poll. */
final readonly class Freshness
{
    private const MARK = <<<'SQL'
        SELECT (SELECT COUNT(*) || ' ' || COALESCE(SUM(revision), 0) || ' ' || COALESCE(SUM(LENGTH(ticks)), 0) || ' '
                || COALESCE(MAX(updated_at), '') || ' ' || COUNT(deleted_at) || ' ' || COALESCE(SUM(LENGTH(plan)), 0) FROM braise)
            || '/' || (SELECT COUNT(*) || ' ' || COALESCE(SUM(revision), 0) || ' ' || COUNT(closed_at) FROM cook)
            || '/' || (SELECT COUNT(*) || ' ' || COALESCE(SUM(revision), 0) || ' ' || COALESCE(SUM(heat_factor), 0) || ' '
                || COUNT(deleted_at) FROM cooker)
            || '/' || (SELECT COALESCE(MAX(revision), 0) FROM house)
        SQL;

    public function __construct(private Connection $connection)
    {
    }

    /** @param string $more what else it depends on */
    public function mark(string $more): string
    {
        $mark = $this->connection->fetchOne(self::MARK);

        return hash('xxh128', (\is_string($mark) ? $mark : '')." $more");
    }
}
