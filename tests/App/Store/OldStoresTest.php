<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Store;

use Doctrine\DBAL\Connection;
use Pausis\App\Store\Learned;
use Pausis\Core\Learning\Knowledge;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Console\Tester\CommandTester;

/**
 * Small stores that older versions filled (stores/, in the order of their making: a sample house, a pot that is on, a cook
 * that was closed) open in this one, and lose nothing. The first of them were made while migrations were still edited.
 */
final class OldStoresTest extends WebTestCase
{
    private string $store;

    protected function setUp(): void
    {
        $this->store = (string) tempnam(sys_get_temp_dir(), 'pausis-old-');
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = "sqlite:///$this->store";
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $_SERVER['DATABASE_URL'] = $_ENV['DATABASE_URL'] = 'sqlite:///:memory:';
        array_map(unlink(...), array_filter([$this->store, "$this->store-wal", "$this->store-shm"], is_file(...)));
    }

    /** @return iterable<string, array{string}> */
    public static function stores(): iterable
    {
        foreach (glob(__DIR__.'/stores/*.sql') ?: [] as $file) {
            yield basename($file, '.sql') => [$file];
        }
    }

    #[DataProvider('stores')]
    public function testAnOlderStoreOpens(string $file): void
    {
        $store = new \PDO("sqlite:$this->store");
        $store->exec((string) file_get_contents($file));
        $ofOnesOwn = $store->exec(<<<'SQL'
            UPDATE braise SET draft =
                replace(draft, '"ownSides":[]', '"ownSides":[{"name":"apple sauce","work":10,"cooking":25,"where":"ring"}]')
                WHERE draft LIKE '%"ownSides":[]%';
            SQL);
        $client = self::createClient();
        $migrate = new CommandTester((new Application($client->getKernel()))->find('doctrine:migrations:migrate'));
        $migrate->execute(['--no-interaction' => true], ['interactive' => false]);
        self::assertSame(0, $migrate->getStatusCode(), $migrate->getDisplay());
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        self::assertSame('ok', $connection->fetchOne('PRAGMA integrity_check'));

        $get = static function (string $path) use ($client): array {
            $client->request('GET', $path);
            self::assertSame(
                200, $client->getResponse()->getStatusCode(), "$path: ".substr((string) $client->getResponse()->getContent(), 0, 500),
            );

            return (array) json_decode((string) $client->getResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        };
        self::assertCount(3, $get('/api/braises'));
        self::assertCount(2, $get('/api/cookers'));
        /** @var list<array{id: string, what: string}> $cooks */
        $cooks = $get('/api/notebook')['cooks'];
        self::assertCount(1, $cooks);
        self::assertNotSame('', $cooks[0]['what'], 'of what it was');
        self::assertNotSame([], $get('/api/notebook/'.$cooks[0]['id'])['lines']);
        self::assertSame('640 m', ((array) $get('/api/house')['draft'])['altitude']);
        /** @var list<array{id: string}> $braises */
        $braises = $get('/api/braises');
        foreach ($braises as $braise) {
            /** @var array{ownSides: list<array{work: string, cooking: string}>} $draft */
            $draft = $get("/api/braises/{$braise['id']}")['draft'];
            self::assertSame(
                $ofOnesOwn > 0 ? [['10 min', '25 min']] : [],
                array_map(static fn (array $own): array => [$own['work'], $own['cooking']], $draft['ownSides']),
                'of before, when it was a number of minutes',
            );
        }
        foreach ($connection->fetchFirstColumn('SELECT id FROM cook') as $cook) {
            self::assertIsString($cook);
            self::assertNotSame('', $get("/api/cooks/$cook")['headline']);
        }
        $learned = self::getContainer()->get(Learned::class);
        self::assertInstanceOf(Learned::class, $learned);
        $belief = $learned->belief();
        foreach ($connection->fetchAllAssociative('SELECT id, heat_factor FROM cooker WHERE cooks > 0') as [
            'id' => $cooker, 'heat_factor' => $factor,
        ]) {
            self::assertIsString($cooker);
            self::assertEqualsWithDelta($factor, exp($belief->mean(Knowledge::heatOf($cooker))), 1e-6, 'what was learned is kept');
            self::assertGreaterThan(0, $belief->cooks(Knowledge::heatOf($cooker)));
        }
        foreach ($connection->fetchFirstColumn('SELECT planned FROM cook') as $planned) {
            self::assertIsString($planned);
            self::assertStringContainsString('latestHours', $planned, 'a cook keeps the plan that it was begun with');
        }
    }

    public function testRefusalsAndTimesOfThePresentVersionAreFoundAgain(): void
    {
        (new \PDO("sqlite:$this->store"))->exec((string) file_get_contents(__DIR__.'/stores/09-lines-and-sentences.sql'));
        $client = self::createClient();
        $planned = $this->planned();
        (new CommandTester((new Application($client->getKernel()))->find('doctrine:migrations:migrate')))->execute(
            ['--no-interaction' => true], ['interactive' => false],
        );
        $get = static function (string $path) use ($client): array {
            $client->request('GET', $path);

            return (array) json_decode((string) $client->getResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        };
        /** @var list<array{id: string, title: string}> $braises */
        $braises = $get('/api/braises');
        $shanks = array_values(array_filter($braises, static fn (array $b): bool => str_starts_with($b['title'], 'Lamb shanks')))[0]['id'];
        /**
         * @var array{draft: array{refused: list<string>, pins: list<array{job: string}>},
         *     adaptation: array{ledger: list<array{key: string, refused: bool}>}, problems: list<array{path: string}>} $view
         */
        $view = $get("/api/braises/$shanks");

        $refused = array_column(array_filter($view['adaptation']['ledger'], static fn (array $e): bool => $e['refused']), 'key');
        self::assertSame(['need-from-recipe', 'boil:i9', 'liquid:i10', 'skim'], $view['draft']['refused']);
        self::assertSame([], array_diff($view['draft']['refused'], $refused));
        self::assertSame(['brown-meat', 'strain-and-skim'], array_column($view['draft']['pins'], 'job'), 'nothing that was set is lost');
        self::assertSame($planned, $this->planned(), 'only evidence moves a cook');
    }

    /** @return array<mixed> of each cook, as it was begun */
    private function planned(): array
    {
        $rows = (new \PDO("sqlite:$this->store"))->query('SELECT planned FROM cook ORDER BY id');

        return false === $rows ? [] : $rows->fetchAll(\PDO::FETCH_COLUMN);
    }
}
