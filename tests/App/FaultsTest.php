<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Pausis\App\Jit;
use Pausis\App\Store\KeptOutcomes;
use Pausis\App\Store\StoreFile;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

/** What goes wrong in one place stays there, and is said in words that help. */
final class FaultsTest extends ApiTestCase
{
    public function testTheMeatsOfAllLinesAreChecked(): void
    {
        $draft = $this->draft();
        $shoulder = ['cut' => 'pork-shoulder', 'weight' => '3 kg', 'pieces' => '1', 'thickness' => '', 'start' => '5 °C'];
        $line = static fn (string $source): array => [
            'line' => 0, 'source' => $source, 'amount' => '', 'food' => '', 'role' => '', 'ignored' => false,
        ];
        $read = fn (string $recipe): array => (array) self::in($this->call('POST', '/api/recipes/read', ['text' => $recipe]),
            'draft.ingredients');
        $rules = fn (array $of): array => array_column(
            (array) self::in($this->call('POST', '/api/braises/preview', [...$draft, 'away' => [], 'setting' => 'low', ...$of]),
                'adaptation.findings'),
            'severity', 'rule',
        );
        $cubes = ['cut' => 'beef-chuck', 'weight' => '600 g', 'pieces' => '20', 'thickness' => '3 cm', 'start' => '5 °C'];
        $two = $read("Two meats\n600 g beef chuck, in 3 cm cubes\n3 kg pork shoulder,
            in one piece\n500 ml stock\n\nBrown it. Cook at 150 °C for 3 h.");

        self::assertSame('refuse', $rules(['meat' => $shoulder, 'ingredients' => [$line('500 ml stock')]])['slow-to-60'] ?? null);
        self::assertSame('refuse', $rules(['meat' => $cubes, 'ingredients' => $two])['slow-to-60'] ?? null, 'also beside small pieces');
        $full = $read("Two meats\n600 g beef chuck\n5 kg pork shoulder\n500 ml stock\n\nCook at 150 °C for 3 h.");
        self::assertContains('refuse', array_intersect_key(
            $rules(['meat' => $cubes, 'ingredients' => $full]), ['too-full' => 1, 'does-not-fit' => 1],
        ));
        $bird = $read("Two meats\n600 g beef chuck\n1 whole chicken\n500 ml stock\n\nCook at 150 °C for 3 h.");
        self::assertArrayHasKey('poultry-thermometer', $rules(['meat' => $cubes, 'ingredients' => $bird]));
        $icy = $read("Two meats\n600 g beef chuck\n800 g lamb neck, not yet defrosted\n500 ml stock\n\nCook at 150 °C for 3 h.");
        self::assertSame('refuse', $rules(['meat' => $cubes, 'ingredients' => $icy])['frozen-in-recipe'] ?? null);
    }

    public function testMeatBelowFreezingIsRefusedAndAPotThatIsOnIsToldWhatToDo(): void
    {
        $draft = $this->draft();
        $braise = $this->call('POST', '/api/braises', [...$draft, 'meat' => [...(array) $draft['meat'], 'start' => '-5 °C']], 201);
        self::assertStringStartsWith('Not this way', self::text($braise, 'adaptation.verdict'));
        $cook = $this->call(
            'POST', '/api/braises/'.self::text($braise, 'id').'/cook',
            ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00', 'knowing' => ['already-on']], 201,
        );
        self::assertContains('frozen-in-recipe', array_column((array) $cook['flags'], 'rule'));
    }

    public function testMeatThatIsToThawIsAskedAboutBeforeThePotGoesOn(): void
    {
        $draft = $this->draft();
        $meat = [...(array) $draft['meat'], 'start' => '-18 °C', 'thaws' => true];
        $braise = $this->call(
            'POST', '/api/braises', [...$draft, 'meat' => $meat, 'serveAt' => '2026-11-28T19:00', 'away' => [], 'setting' => 'high'], 201,
        );
        self::assertSame(
            'note', array_column((array) self::in($braise, 'adaptation.findings'), 'severity', 'rule')['thaws-first'] ?? null,
        );
        $start = ['at' => '', 'setting' => 'high', 'serveAt' => '2026-11-28T19:00'];
        $path = '/api/braises/'.self::text($braise, 'id').'/cook';
        $asked = $this->call('POST', $path, [...$start, 'knowing' => []], 422);
        self::assertContains('It is thawed, soft all through', self::offers($asked));

        $cook = $this->call('POST', $path, [...$start, 'knowing' => ['thawed']], 201);
        self::assertNotContains('frozen-in-recipe', array_column((array) $cook['flags'], 'rule'));
    }

    /**
     * @param array<mixed> $asked
     *
     * @return list<mixed>
     */
    private static function offers(array $asked): array
    {
        return array_merge(...array_map(
            static fn (mixed $v): array => array_column((array) self::in((array) $v, 'offers'), 'text'),
            array_values((array) $asked['violations']),
        ));
    }

    public function testAHostIsItsExactName(): void
    {
        foreach (['localhost' => 200, '127.0.0.1' => 200, 'localhost.example' => 400, 'xlocalhost' => 400,
            'evil.example' => 400] as $host => $status) {
            $this->client->request('GET', '/api/house', server: ['HTTP_HOST' => $host]);
            self::assertSame($status, $this->client->getResponse()->getStatusCode(), $host);
        }
    }

    public function testEveryPageCarriesThePolicyAnErrorsToo(): void
    {
        foreach (['/api/braises/none', '/build/none.js', '/'] as $path) {
            $this->client->request('GET', $path);
            self::assertStringContainsString(
                "frame-ancestors 'none'", (string) $this->client->getResponse()->headers->get('Content-Security-Policy'), $path,
            );
        }
    }

    public function testTooMuchIsRefusedBeforeItIsParsed(): void
    {
        $this->call('POST', '/api/recipes/read', '{"text":['.str_repeat('[],', 700_000).'[]]}', 413);
        $this->call('POST', '/api/braises', '{"title":"'.str_repeat('x', 2_100_000).'"}', 413);
        self::assertNotSame(413, $this->statusOf('{"text":"'.str_repeat('[', 30_000).' 1 kg beef chuck"}'), 'words in brackets are words');
    }

    #[TestWith(['{"text": 5}', 'Expected here: text.'])]
    #[TestWith(['{"text": ["a"]}', 'Expected here: text.'])]
    public function testWhatWasExpectedIsSaid(string $body, string $said): void
    {
        $problem = $this->call('POST', '/api/recipes/read', $body, 422);

        self::assertSame($said, self::in($problem, 'violations.0.message'));
    }

    public function testSizesAreWrittenAsPeopleDo(): void
    {
        $problem = $this->call('POST', '/api/recipes/read', ['text' => str_repeat("2 onions\n", 290_000)], 422);

        self::assertStringContainsString('2.6 MB', self::text($problem, 'violations.0.message'));
        self::assertStringContainsString('200 kB', self::text($problem, 'violations.0.message'));
    }

    public function testAStoreIsLookedAtBeforeItIsUsed(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'pausis-store-');
        $migrations = \dirname(__DIR__, 2).'/migrations';
        try {
            self::assertNull((new StoreFile($path, $migrations))->wrong(), 'none yet');
            $store = new \PDO("sqlite:$path");
            $store->exec('CREATE TABLE doctrine_migration_versions (version TEXT)');
            $store->exec("INSERT INTO doctrine_migration_versions VALUES ('Pausis\\Migrations\\Version20261125090000')");
            self::assertNull((new StoreFile($path, $migrations))->wrong());
            $store->exec("INSERT INTO doctrine_migration_versions VALUES ('Pausis\\Migrations\\Version20991231000000')");
            self::assertStringContainsString('newer', (string) (new StoreFile($path, $migrations))->wrong());
            unset($store);
            file_put_contents($path, random_bytes(9000));
            self::assertStringContainsString('damaged', (string) (new StoreFile($path, $migrations))->wrong());
        } finally {
            unlink($path);
        }
    }

    public function testTheCacheIsPrunedBySize(): void
    {
        $folder = sys_get_temp_dir().'/pausis-pool-'.bin2hex(random_bytes(4));
        mkdir("$folder/a", recursive: true);
        for ($k = 0; $k < 10; ++$k) {
            file_put_contents("$folder/a/$k", str_repeat('x', 1000));
            touch("$folder/a/$k", 1_700_000_000 + $k);
        }
        (new KeptOutcomes(new ArrayAdapter(), $folder, 20_000))->prune();
        self::assertCount(10, glob("$folder/a/*") ?: []);
        (new KeptOutcomes(new ArrayAdapter(), $folder, 6_000))->prune();
        self::assertSame(['7', '8', '9'], array_map(basename(...), glob("$folder/a/*") ?: []), 'the newest half of what there may be');
        array_map(unlink(...), glob("$folder/a/*") ?: []);
        rmdir("$folder/a");
        rmdir($folder);
    }

    public function testTheJitIsOursOrOff(): void
    {
        self::assertTrue(Jit::isRight());
    }

    private function statusOf(string $body): int
    {
        $this->client->request('POST', '/api/recipes/read', server: ['CONTENT_TYPE' => 'application/json'], content: $body);

        return $this->client->getResponse()->getStatusCode();
    }
}
