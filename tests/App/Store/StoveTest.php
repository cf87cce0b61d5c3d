<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DbalException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Failure;
use Pausis\App\Store\StaleRevision;
use Pausis\Tests\App\ApiTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** Several people at one stove, each a process of its own; and a store that can't be written to. */
final class StoveTest extends ApiTestCase
{
    private string $store;

    protected function setUp(): void
    {
        $this->store = (string) tempnam(sys_get_temp_dir(), 'pausis-stove-');
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = "sqlite:///$this->store";
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = 'sqlite:///:memory:';
        array_map(unlink(...), array_filter([$this->store, "$this->store-wal", "$this->store-shm"], is_file(...)));
    }

    public function testOnePotHasOneCookAndEveryRecordIsKept(): void
    {
        $braise = self::text($this->call('POST', '/api/braises', $this->draft(), 201), 'id');
        $people = [];
        for ($k = 0; $k < 4; ++$k) {
            $process = proc_open([
                \PHP_BINARY, __DIR__.'/stove.php', $braise, "p$k", '3',
            ], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null,
                [
                    ...getenv(), 'APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => "sqlite:///$this->store",
                    'PAUSIS_NOW' => '2026-11-26T05:30:00+01:00',
                ]);
            self::assertIsResource($process);
            $people[] = [$process, $pipes];
        }
        $cooks = [];
        foreach ($people as [$process, $pipes]) {
            $said = (string) stream_get_contents($pipes[1]);
            $errors = (string) stream_get_contents($pipes[2]);
            self::assertSame(0, proc_close($process), $said.$errors);
            self::assertSame(
                [],
                array_filter(
                    explode("\n", $said),
                    static fn (string $line): bool => '' !== $line && !preg_match('/^(?:20[01]|cook [0-9a-f-]{36})$/', $line),
                ),
                $said,
            );
            preg_match('/^cook (\S+)$/m', $said, $m);
            $cooks[] = $m[1] ?? '';
        }
        self::assertCount(1, array_unique($cooks), implode(', ', $cooks));
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        self::assertSame(1, $connection->fetchOne('SELECT COUNT(*) FROM cook'));
        self::assertSame(1, $connection->fetchOne('SELECT COUNT(*) FROM notebook'));
        $events = $connection->fetchOne('SELECT events FROM cook');
        self::assertIsString($events);
        /** @var list<array{id: string}> $kept */
        $kept = json_decode($events, true, 16, \JSON_THROW_ON_ERROR);
        self::assertCount(12, array_unique(array_column($kept, 'id')));
        self::assertCount(13, $kept, 'sent twice, kept once, and eaten');
    }

    #[TestWith(['SQLSTATE[HY000]: General error: 13 database or disk is full', 507, 'full'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 8 attempt to write a readonly database', 503, 'written to'])]
    #[TestWith(['SQLSTATE[HY000] [14] unable to open database file', 503, 'written to'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 5 database is locked', 503, 'in use'])]
    public function testWhatTheStoreCantDoIsSaid(string $words, int $status, string $said): void
    {
        $cause = new class($words) extends \RuntimeException implements DbalException {};
        $failure = Failure::of(new OptimisticLockException('Commit failed', null, $cause));

        self::assertSame($status, $failure?->status());
        $manager = $this->createMock(EntityManagerInterface::class);
        $manager->method('flush')->willThrowException(new OptimisticLockException('Commit failed', null, $cause));
        $braise = new BraiseRecord('x', [], new \DateTimeImmutable());
        try {
            (new Braises($manager))->change($braise, 1, static fn () => null);
            self::fail('A commit that failed is no success.');
        } catch (OptimisticLockException $e) {
            self::assertSame($cause, $e->getPrevious(), 'and no change by another window');
        }
        $manager = $this->createMock(EntityManagerInterface::class);
        $manager->method('flush')->willThrowException(new OptimisticLockException('stale', $braise));
        $this->expectException(StaleRevision::class);
        (new Braises($manager))->change($braise, 1, static fn () => null);
    }

    public function testAFullStoreRefusesWritesAndGoesOnReading(): void
    {
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $path = '/api/braises/'.self::text($braise, 'id');
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        $pages = $connection->fetchOne('PRAGMA page_count');
        self::assertIsInt($pages);
        $connection->executeStatement("PRAGMA max_page_count=$pages");
        $long = [...(array) $braise['draft'], 'recipeText' => str_repeat('A long story. ', 8000)];
        $problem = $this->call('PUT', $path, ['revision' => $braise['revision'], 'draft' => $long], 507);

        self::assertStringContainsString('full', self::text($problem, 'title'));
        self::assertSame(self::text($braise, 'draft.title'), self::text($this->call('GET', $path), 'draft.title'));
    }
}
