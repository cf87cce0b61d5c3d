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
    private const BEFORE_BELIEF = 'Pausis\Migrations\Version20261126100000';
    private const BEFORE_INDEXES = 'Pausis\Migrations\Version20261202101000';
    private const FIRST_BELIEF = 'Pausis\Migrations\Version20261126110000';
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

    public function testALearnedCookerOfAnOlderStoreHasThePriorOfNewOnes(): void
    {
        $this->migrate(self::BEFORE_BELIEF);
        $this->connection()->insert('cooker', [
            ...$this->emptyCooker(), 'id' => 'oval', 'heat_factor' => 0.9, 'heat_sigma' => 0.05, 'cooks' => 3,
        ]);
        $this->migrate(self::FIRST_BELIEF);
        $learned = $this->heat();
        self::assertSame(0.088, $learned['prior']);
        $this->connection()->executeStatement("UPDATE knowledge SET belief = replace(belief, '0.088', '0.0946')");
        self::assertSame(0.0946, $this->heat()['prior'], 'as the first stores with beliefs have it');
        $this->migrate('latest');
        self::assertSame($learned, $this->heat());

        $this->migrate(self::FIRST_BELIEF);
        self::assertSame($learned, $this->heat(), 'and back');
        $this->migrate('latest');
        self::assertSame($learned, $this->heat(), 'what was right stays');
    }

    /** @param list<string> $there indexes of a store that was filled in between */
    #[TestWith([[]])]
    #[TestWith([['cut', 'cooker_id', 'cooked_by']])]
    public function testTheNotebookIsFoundByIndexesWhicheverStoreItWas(array $there): void
    {
        $this->migrate(self::BEFORE_INDEXES);
        foreach ($there as $column) {
            $this->connection()->executeStatement('CREATE INDEX IDX_NOTEBOOK_'.strtoupper($column)." ON notebook ($column)");
        }
        $this->migrate('latest');
        $indexes = fn (): array => $this->connection()->fetchFirstColumn(
            "SELECT name FROM pragma_index_list('notebook') WHERE name LIKE 'IDX_NOTEBOOK_%' ORDER BY name",
        );

        self::assertSame(
            ['IDX_NOTEBOOK_COOKED_BY', 'IDX_NOTEBOOK_COOKED_ON', 'IDX_NOTEBOOK_COOKER_ID', 'IDX_NOTEBOOK_CUT'], $indexes(),
        );
        $this->migrate(self::FIRST_BELIEF);
        self::assertSame([], $indexes(), 'and back');
    }

    /** @return array<string, string> a value for each column that needs one */
    private function emptyCooker(): array
    {
        $needed = $this->connection()->fetchFirstColumn('SELECT name FROM pragma_table_info(\'cooker\') WHERE "notnull" = 1');

        return array_fill_keys(array_filter($needed, is_string(...)), '0');
    }

    /** @return array<array-key, mixed> */
    private function heat(): array
    {
        $kept = $this->connection()->fetchOne('SELECT belief FROM knowledge');
        self::assertIsString($kept);
        $belief = json_decode($kept, true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($belief);
        $factors = $belief['factors'];
        self::assertIsArray($factors);
        self::assertIsArray($factors['heat oval']);

        return $factors['heat oval'];
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
