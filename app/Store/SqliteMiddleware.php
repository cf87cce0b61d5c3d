<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * SQLite as a durable store for several workers: write-ahead log, every commit synced to disk so that neither a kill
 * nor a power cut loses what was acknowledged, foreign keys on, and the write lock taken when a transaction begins.
 * Where the disk is full or the folder can't be written to, so that the log's index can't be made, it is still read.
 */
#[AutoconfigureTag('doctrine.middleware')]
final class SqliteMiddleware implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(array $params): Connection
            {
                $connection = $this->opened($params);

                return new SqliteConnection($connection);
            }

            /** @param array<string, mixed> $params */
            private function opened(array $params): Connection
            {
                $ways = [[$params, []], [$params, ['locking_mode=EXCLUSIVE']]];
                if (\is_string($params['path'] ?? null)) {
                    $ways[] = [['path' => "file:{$params['path']}?immutable=1"] + $params, []];
                }
                foreach ($ways as [$way, $pragmas]) {
                    try {
                        // @phpstan-ignore argument.type (the driver's own parameters, but for the path)
                        $connection = parent::connect($way);
                        foreach (['busy_timeout=5000', ...$pragmas, 'journal_mode=WAL', 'synchronous=FULL', 'foreign_keys=ON'] as $pragma) {
                            $connection->exec("PRAGMA $pragma");
                        }
                        $connection->query('SELECT COUNT(*) FROM sqlite_master')->fetchOne();

                        return $connection;
                    } catch (Exception $e) {
                        $failure ??= $e;
                        if (null === Failure::of($e) || Failure::Locked === Failure::of($e)) {
                            break;
                        }
                    }
                }
                throw $failure;
            }
        };
    }
}
