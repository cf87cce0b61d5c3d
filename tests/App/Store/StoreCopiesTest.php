<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Pausis\App\Store\StoreCopies;
use PHPUnit\Framework\TestCase;

final class StoreCopiesTest extends TestCase
{
    private string $folder;
    private string $store;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/pausis-copies-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->store = "$this->folder/pausis.db";
        $this->write('CREATE TABLE house (id INTEGER); CREATE TABLE braise (title TEXT); CREATE TABLE cook (id INTEGER);'
            ."INSERT INTO braise VALUES ('shanks')");
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function testADestroyedStoreComesBackFromItsLastCopy(): void
    {
        $copies = StoreCopies::beside($this->store);
        $copy = $copies->make(self::at(0));
        $this->write("INSERT INTO braise VALUES ('cheeks')");
        $last = $copies->make(self::at(1));
        self::assertSame([$last, $copy], $copies->all());
        file_put_contents($this->store, str_repeat('gone', 500));

        $kept = $copies->restore((string) $copies->last(), self::at(2));

        self::assertSame(['shanks', 'cheeks'], $this->titles());
        self::assertSame('gonegone', file_get_contents((string) $kept, length: 8));
    }

    public function testItIsCopiedWhileSomebodyWrites(): void
    {
        $writer = new \PDO("sqlite:$this->store");
        $writer->exec('PRAGMA journal_mode = WAL');
        $writer->exec("INSERT INTO braise VALUES ('kept in the log')");
        $copy = StoreCopies::beside($this->store)->make(self::at(0));
        $writer->exec("INSERT INTO braise VALUES ('later')");

        self::assertSame(['shanks', 'kept in the log'], self::titlesIn($copy));
    }

    public function testTheOldestAreTakenAway(): void
    {
        $copies = StoreCopies::beside($this->store);
        for ($k = 0; $k < StoreCopies::KEPT + 3; ++$k) {
            $copies->make(self::at($k));
        }
        self::assertCount(StoreCopies::KEPT, $copies->all());
        self::assertStringEndsWith(self::at(StoreCopies::KEPT + 2)->format('Ymd-His').'.db', (string) $copies->last());
    }

    public function testWhatDoesNotReadBackIsNeitherKeptNorRestored(): void
    {
        $copies = StoreCopies::beside($this->store);
        $copies->make(self::at(0));
        file_put_contents("$this->folder/foreign.db", 'no store at all');
        try {
            $copies->restore("$this->folder/foreign.db", self::at(1));
            self::fail('restored');
        } catch (\RuntimeException $e) {
            self::assertStringContainsString('does not read back', $e->getMessage());
        }
        self::assertSame(['shanks'], $this->titles());
        file_put_contents($this->store, str_repeat('gone', 500));
        try {
            $copies->make(self::at(2));
            self::fail('copied');
        } catch (\RuntimeException) {
            self::assertCount(1, $copies->all());
        }
    }

    private function write(string $sql): void
    {
        (new \PDO("sqlite:$this->store"))->exec($sql);
    }

    /** @return list<mixed> */
    private function titles(): array
    {
        return self::titlesIn($this->store);
    }

    /** @return list<mixed> */
    private static function titlesIn(string $file): array
    {
        $rows = (new \PDO("sqlite:$file"))->query('SELECT title FROM braise ORDER BY rowid');

        return false === $rows ? [] : array_values($rows->fetchAll(\PDO::FETCH_COLUMN));
    }

    private static function at(int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-12-01 06:00', new \DateTimeZone('UTC')))->modify("+$minute minutes");
    }
}
