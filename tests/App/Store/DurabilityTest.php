<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
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
