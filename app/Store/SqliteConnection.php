<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/** A connection that takes the write lock as a transaction begins. */
final class SqliteConnection extends AbstractConnectionMiddleware
{
    public function beginTransaction(): void
    {
        parent::beginTransaction();
        try {
            $this->exec('COMMIT');
            $this->exec('BEGIN IMMEDIATE');
        } catch (\Throwable $e) {
            try {
                parent::rollBack();
            } catch (\Throwable) {
                // The first failure is the one to report.
            }
            throw $e;
        }
    }

    /** After a full disk SQLite has already rolled back; the failure to report is that one, not this. */
    public function rollBack(): void
    {
        try {
            parent::rollBack();
        } catch (Exception $e) {
            if (!str_contains($e->getMessage(), 'no transaction is active')) {
                throw $e;
            }
        }
    }
}
