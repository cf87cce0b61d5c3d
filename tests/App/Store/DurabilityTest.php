<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
use Pausis\App\Exchange\WholeHouse;
use Pausis\App\StandIn\SampleHouse;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** The store on disk, written by processes of its own: killed in mid-work, several at once, and with no room left. */
final class DurabilityTest extends KernelTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/pausis-store-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = "sqlite:///$this->folder/store.db";
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        (new SchemaTool($manager))->createSchema($manager->getMetadataFactory()->getAllMetadata());
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = 'sqlite:///:memory:';
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function testWhatWasAcknowledgedSurvivesAKill(): void
    {
        [$writer, $pipe] = $this->writer(100_000);
        $acknowledged = [];
        while (\count($acknowledged) < 25) {
            $acknowledged[] = trim((string) fgets($pipe));
        }
        posix_kill(proc_get_status($writer)['pid'], \SIGKILL);
        foreach (array_filter(explode("\n", (string) stream_get_contents($pipe))) as $line) {
            36 === \strlen($line) && $acknowledged[] = $line;
        }
        proc_close($writer);

        $stored = $this->connection()->fetchFirstColumn('SELECT id FROM braise');
        foreach ($acknowledged as $id) {
            self::assertContains($id, $stored);
        }
        self::assertSame('ok', $this->connection()->fetchOne('PRAGMA integrity_check'));
    }

    public function testSeveralWritersAtOnceAllGetTheirTurn(): void
    {
        $writers = array_map(fn (): array => $this->writer(25), range(1, 4));
        $lines = [];
        foreach ($writers as [$writer, $pipe]) {
            array_push($lines, ...array_filter(explode("\n", (string) stream_get_contents($pipe))));
            self::assertSame(0, proc_close($writer));
        }

        self::assertCount(100, array_unique($lines));
        self::assertSame(100, $this->connection()->fetchOne('SELECT COUNT(*) FROM braise'));
    }

    public function testAFullDiskRefusesTheWriteAndKeepsTheRest(): void
    {
        $pages = $this->connection()->fetchOne('PRAGMA page_count');
        self::assertIsInt($pages);
        [$writer, $pipe] = $this->writer(200, \sprintf('PAUSIS_TEST_MOST_PAGES=%d', $pages + 60));
        $lines = array_values(array_filter(explode("\n", (string) stream_get_contents($pipe))));
        self::assertSame(1, proc_close($writer));

        $failure = (string) array_pop($lines);
        self::assertStringContainsString('full', $failure);
        self::assertGreaterThan(2, \count($lines));
        self::assertEqualsCanonicalizing($lines, $this->connection()->fetchFirstColumn('SELECT id FROM braise'));
        self::assertSame('ok', $this->connection()->fetchOne('PRAGMA integrity_check'));
    }

    public function testAHousesFileIsTakenInWhollyOrNotAtAll(): void
    {
        $this->connection()->executeStatement("VACUUM INTO '$this->folder/empty.db'");
        $sample = self::getContainer()->get(SampleHouse::class);
        $whole = self::getContainer()->get(WholeHouse::class);
        self::assertInstanceOf(SampleHouse::class, $sample);
        self::assertInstanceOf(WholeHouse::class, $whole);
        $sample->remember($sample->fill());
        $members = array_map(
            static fn (mixed $m): mixed => $m instanceof \Traversable ? iterator_to_array($m, false) : $m,
            iterator_to_array($whole->written(new \DateTimeImmutable('2026-12-01 12:00'))),
        );
        file_put_contents("$this->folder/house.json", json_encode($members, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
        $ended = [];
        foreach ([0, 20_000, 60_000, 150_000, 400_000, 3_000_000] as $microseconds) {
            copy("$this->folder/empty.db", "$this->folder/into.db");
            array_map(unlink(...), array_filter(["$this->folder/into.db-wal", "$this->folder/into.db-shm"], is_file(...)));
            $process = proc_open([
                'env', "DATABASE_URL=sqlite:///$this->folder/into.db", \PHP_BINARY, __DIR__.'/importer.php', "$this->folder/house.json",
                '2026-12-01 12:00',
            ], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
            self::assertIsResource($process);
            self::assertSame("read\n", fgets($pipes[1]));
            usleep($microseconds);
            posix_kill(proc_get_status($process)['pid'], \SIGKILL);
            $said = (string) stream_get_contents($pipes[1]);
            proc_close($process);
            $into = new \PDO("sqlite:$this->folder/into.db");
            $rows = array_map(
                static fn (string $t): int => (int) ($into->query("SELECT COUNT(*) FROM $t") ?: null)?->fetchColumn(),
                ['house', 'cooker', 'braise', 'cook', 'notebook', 'knowledge'],
            );
            self::assertContains($rows, [[0, 0, 0, 0, 0, 0], [1, 2, 5, 40, 40, 1]], "killed after $microseconds µs");
            self::assertTrue('' === $said || 40 === $rows[3], 'what was said to be in is in');
            self::assertSame('ok', ($into->query('PRAGMA integrity_check') ?: null)?->fetchColumn());
            $ended[] = $rows[3];
        }
        self::assertSame([0, 40], array_values(array_unique($ended)), 'some were killed in its midst, and one was not');
    }

    /** @return array{resource, resource} the process, and what it says */
    private function writer(int $count, string ...$environment): array
    {
        $process = proc_open([
            'env', ...array_values($environment), "DATABASE_URL=sqlite:///$this->folder/store.db", \PHP_BINARY, __DIR__.'/writer.php',
            (string) $count,
        ],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($process);

        return [$process, $pipes[1]];
    }

    private function connection(): Connection
    {
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }
}
