<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A store of before keeps what it says when it is brought up to date. */
final class MigrationTest extends TestCase
{
    private const BEFORE_PEOPLE = 'Pausis\Migrations\Version20261125140000';
    private string $store;

    protected function setUp(): void
    {
        $this->store = (string) tempnam(sys_get_temp_dir(), 'pausis-migration-');
    }

    protected function tearDown(): void
    {
        unlink($this->store);
    }

    /** @param list<array{id: string, name: string, habits: string}> $people */
    #[TestWith([1, '', [['id' => '1', 'name' => '', 'habits' => '']]])]
    #[TestWith([
        2, '08:10-17:20',
        [
            ['id' => '1', 'name' => 'Cook 1', 'habits' => 'Mon to Fri 08:10 to 17:20'],
            ['id' => '2', 'name' => 'Cook 2', 'habits' => 'Mon to Fri 08:10 to 17:20'],
        ],
    ])]
    public function testHowManyCookedAndWhenTheyWereOutBecomesWhoCooks(int $persons, string $usuallyAway, array $people): void
    {
        $this->migrate(self::BEFORE_PEOPLE);
        $this->connection()->insert('house', [
            'id' => 1, 'altitude_metres' => 640, 'room_celsius' => 20, 'time_zone' => 'Europe/Vienna', 'units' => 'metric', 'clock' => '24',
            'bedtime' => '22:45', 'rises' => '06:15', 'persons' => $persons, 'usually_away' => $usuallyAway,
        ]);
        $this->migrate('latest');

        $house = $this->connection()->fetchAssociative('SELECT * FROM house');
        self::assertIsArray($house);
        self::assertIsString($house['people']);
        self::assertSame($people, json_decode($house['people'], true, 8, \JSON_THROW_ON_ERROR));
        self::assertSame(640.0, $house['altitude_metres']);
        self::assertArrayNotHasKey('persons', $house);

        $this->migrate(self::BEFORE_PEOPLE);
        self::assertEquals($persons, $this->connection()->fetchOne('SELECT persons FROM house'), 'and back');
    }

    private function migrate(string $to): void
    {
        $command = [\PHP_BINARY, \dirname(__DIR__, 3).'/bin/console', 'doctrine:migrations:migrate', $to, '--no-interaction', '--quiet'];
        $process = proc_open(
            $command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null,
            [...getenv(), 'APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => "sqlite:///$this->store"],
        );
        self::assertIsResource($process);
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), $said);
    }

    private function connection(): Connection
    {
        return DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $this->store]);
    }
}
