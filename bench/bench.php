<?php

declare(strict_types=1);

use Pausis\App\Kernel;
use Pausis\App\Kitchen\DraftPatch;
use Pausis\Bench\FirstPaint;
use Pausis\Bench\ManyCooks;
use Pausis\Bench\Measure;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Days;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Measure.php';
require __DIR__.'/FirstPaint.php';
require __DIR__.'/ManyCooks.php';

$cpu = preg_match('/model name\s*:\s*(.+)/', (string) @file_get_contents('/proc/cpuinfo'), $m) ? $m[1] : php_uname('m');
$cores = (int) trim((string) shell_exec('nproc'));
/** @var array{jit?: array{on: bool}}|false $opcache */
$opcache = opcache_get_status(false);
$jit = false !== $opcache && ($opcache['jit']['on'] ?? false);
printf("%s, %d cores, PHP %s, JIT %s\n\n", $cpu, $cores, \PHP_VERSION, $jit ? 'on' : 'OFF');
printf("%-58s %9s %9s %9s\n", 'milliseconds', 'median', '95th', 'limit');

$simulation = new Simulation();
$cook = Cooks::chuck();
$full = Cooks::chuck(3.0);
$ensemble = Ensemble::draw(new Spread());
$member = Measure::of('one member, 16 h', 400, 100, static fn (int $i) => $simulation->run($full, new Deviation(1 + $i / 1e5), 16));
echo $member->line(1.5);
echo Measure::of('128 members on Low, every window', 40, 10, static fn () => $ensemble->run($simulation, $cook, 20))->line(120);
$settings = array_map(static fn (Setting $s) => Cooks::chuck(program: Cooks::on($s)), [Setting::Low, Setting::Medium, Setting::High]);
echo Measure::of('128 members on Low, Medium and High', 20, 5, static function () use ($ensemble, $simulation, $settings): void {
    foreach ($settings as $setup) {
        $ensemble->run($simulation, $setup, 20);
    }
})->line(350);

$compiled = sys_get_temp_dir().'/pausis-conduction-'.getmypid();
exec('gcc -O2 -o '.escapeshellarg($compiled).' '.escapeshellarg(__DIR__.'/conduction.c').' -lm 2>/dev/null', result_code: $failed);
if (0 === $failed) {
    $inC = (float) exec(escapeshellarg($compiled).' 4000');
    unlink($compiled);
    printf(
        "%-58s %9.2f\n%-58s %9.1f %9s %9.1f  %s\n", 'one member, 16 h, in C with -O2', $inC, 'PHP : C', $member->percentile(0.5) / $inC, '',
        8, $member->percentile(0.5) / $inC <= 8 ? 'within' : 'OVER',
    );
}

$reader = new RecipeReader(Larder::load(), Cuts::load());
$recipe = (string) file_get_contents(dirname(__DIR__).'/app/StandIn/sample/lamb-shanks.txt');
$long = substr(str_repeat($recipe."\n", 400), 0, 199_000);
echo Measure::of('reading one recipe', 50, 10, static fn () => $reader->read($recipe, new Problems()))->line(20);
echo Measure::of('reading a paste of 199 kB', 10, 2, static fn () => $reader->read($long, new Problems()))->line(300);

$sides = [
    'mash', 'boiled-potatoes', 'roast-potatoes', 'rice', 'pasta', 'egg-noodles', 'polenta', 'couscous', 'root-puree', 'toasted-rolls',
    'steamed-greens',
];
$braise = static fn (int $rings): AdaptedBraise => Days::braise(
    new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00')), $rings), choice: ProgramChoice::High,
);
foreach ([[6, 'a large day for two cooks'], [1, 'with one ring: what clashes, and ways out']] as [$rings, $what]) {
    $kitchen = $braise($rings);
    $jobs = count(Days::plan($kitchen, $sides)->placed ?? []);
    echo Measure::of("$what ($jobs jobs)", 20, 5, static fn () => Days::plan($kitchen, $sides))->line($rings > 1 ? 100 : 150);
}

if ('core' !== ($argv[1] ?? 'all')) {
    $store = tempnam(sys_get_temp_dir(), 'bench');
    foreach ([
        'APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'APP_SECRET' => 'bench', 'PAUSIS_HOST' => '',
        'PAUSIS_NOW' => '2026-11-25T18:40:00+01:00', 'DATABASE_URL' => "sqlite:///$store",
    ] as $name => $value) {
        $_ENV[$name] = $_SERVER[$name] = $value;
        putenv("$name=$value");
    }
    $console = dirname(__DIR__).'/bin/console';
    foreach (['doctrine:migrations:migrate --no-interaction --quiet', 'pausis:demo --quiet'] as $command) {
        passthru(\PHP_BINARY.' '.escapeshellarg($console).' '.$command);
    }
    $kernel = new Kernel('prod', false);
    $call = static function (string $method, string $path, mixed $body = null) use ($kernel): string {
        $response = $kernel->handle(Request::create(
            $path, $method, server: ['CONTENT_TYPE' => 'application/json'],
            content: null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        ));
        if ($response->getStatusCode() >= 300) {
            throw new RuntimeException($response->getStatusCode().' '.$response->getContent());
        }

        return (string) $response->getContent();
    };
    /** @var list<array{id: string}> $braises */
    $braises = json_decode($call('GET', '/api/braises'), true, 64, \JSON_THROW_ON_ERROR);
    $path = '/api/braises/'.$braises[0]['id'];
    /** @var array{draft: array<string, mixed>, revision: int} $braise */
    $braise = json_decode($call('GET', $path), true, 64, \JSON_THROW_ON_ERROR);
    $revision = $braise['revision'];
    /** @param callable(array<string, mixed>, int): array<string, mixed> $change */
    $saving = static function (callable $change) use ($call, $path, $braise, &$revision): Closure {
        return static function (int $i) use ($call, $path, $braise, &$revision, $change): void {
            /** @var array{revision: int} $answer */
            $answer = json_decode(
                $call('PUT', $path, ['revision' => $revision, 'draft' => $change($braise['draft'], $i)]), true, 64, \JSON_THROW_ON_ERROR,
            );
            $revision = $answer['revision'];
        };
    };
    // Never the same as in the run before, whose outcomes are kept.
    $grams = static fn (int $i): string => sprintf('%.2f g', 1500 + 3 * $i + getmypid() % 300 / 100);
    echo Measure::of(
        'a live change with physics: another weight, saved', 200, 20,
        $saving(static fn (array $draft, int $i): array => array_replace_recursive($draft, ['meat' => ['weight' => $grams($i)]])),
    )->line(150);
    echo Measure::of(
        'without physics: another dinner, saved', 100, 10,
        $saving(static fn (array $draft, int $i): array => [
            ...$draft, 'serveAt' => sprintf('2026-11-26T%02d:%02d', 17 + $i % 4, 5 * ($i % 12)),
        ]),
    )->line(50);
    echo Measure::of(
        'without physics: somebody away, saved', 100, 10,
        $saving(static fn (array $draft, int $i): array => [
            ...$draft,
            'away' => [['from' => '2026-11-26T09:00', 'to' => sprintf('2026-11-26T15:%02d', $i % 60), 'who' => '', 'what' => 'away']],
        ]),
    )->line(50);
    $sides = ['mash', 'steamed-greens', 'warm-loaf', 'slaw'];
    echo Measure::of(
        'without physics: other sides, saved', 100, 10,
        $saving(static fn (array $draft, int $i): array => [...$draft, 'sides' => array_slice($sides, 0, $i % 5)]),
    )->line(50);
    echo Measure::of(
        'ways out of a day that can\'t be', 20, 2,
        static fn (int $i): string => $call(
            'POST', '/api/braises/ways',
            [
                ...DraftPatch::applied($braise['draft'], ['meat' => ['weight' => $grams(400 + $i)]]),
                'away' => [['from' => '2026-11-26T05:00', 'to' => '2026-11-26T18:00', 'who' => '', 'what' => 'away']],
            ],
        ),
    )->line(1000);
    echo Measure::of('the list of braises', 20, 2, static fn (): string => $call('GET', '/api/braises'))->line(50);
    echo Measure::of('the start page, three braises worked out', 20, 2, static fn (): string => $call('GET', '/api/today'))->line(500);
    echo Measure::of('a poll of a braise that is planned', 40, 4, static fn (): string => $call('GET', $path))->line(50);
    $marked = static function (string $path) use ($kernel): Closure {
        $request = static fn (string $mark): Request => Request::create($path, server: ['HTTP_IF_NONE_MATCH' => $mark]);
        $mark = (string) $kernel->handle($request(''))->headers->get('ETag');

        return static fn (): int => 304 === ($status = $kernel->handle($request($mark))->getStatusCode())
            ? $status
            : throw new RuntimeException("$path: $status");
    };
    echo Measure::of('a poll that finds nothing new', 200, 20, $marked($path))->line(15);
    /** @var array{id: string} $cook */
    $cook = json_decode(
        $call('POST', "$path/cook", ['at' => '2026-11-25T12:30', 'setting' => 'low', 'serveAt' => '2026-11-25T21:00']), true, 64,
        \JSON_THROW_ON_ERROR,
    );
    echo Measure::of('a poll of a pot that is on', 40, 4, static fn (): string => $call('GET', "/api/cooks/{$cook['id']}"))->line(50);
    echo Measure::of('a fork test recorded', 4, 0, static fn (): string => $call('POST', "/api/cooks/{$cook['id']}/fork-tests", [
        'answer' => 'gives',
    ]))->line(150);
    echo Measure::of('the start page with a pot that is on', 20, 2, static fn (): string => $call('GET', '/api/today'))->line(500);
    echo Measure::of('three answers compared', 20, 2, static fn (int $i): string => $call('POST', '/api/braises/compare', [
        'draft' => DraftPatch::applied($braise['draft'], ['meat' => ['weight' => $grams(700 + $i)]]),
        'changes' => [['meat' => ['pieces' => '2']], ['level' => 'covered'], ['original' => ['method' => 'hob']]],
    ]))->line(800);
    $cuts = array_map(static fn (Cut $c): string => $c->id, Cuts::load()->all());
    echo Measure::of('every cut and form for a dinner, one after the other', 3, 1, static function (int $i) use (
        $call, $cuts, $braise, $grams,
    ): void {
        foreach (array_chunk($cuts, 4) as $some) {
            $call('POST', '/api/meats', [
                'draft' => DraftPatch::applied(
                    $braise['draft'], ['original' => ['hours' => '2.'.$i.' h'], 'meat' => ['weight' => $grams($i)]],
                ),
                'cuts' => $some,
            ]);
        }
    })->line(4000);
    $manifest = json_decode((string) @file_get_contents(dirname(__DIR__).'/public/build/.vite/manifest.json'), true);
    if (is_array($manifest) && is_executable('/usr/bin/chromedriver')) {
        $port = 18_765;
        $server = proc_open(['php', '-S', "127.0.0.1:$port", '-t', 'public', 'bin/router.php'], [
            1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w'],
        ], $pipes, dirname(__DIR__));
        sleep(1);
        foreach (FirstPaint::of("http://127.0.0.1:$port", ['/', '/braises/'.$braises[0]['id'].'/pot'], 5) as $place => $ms) {
            $said = $ms <= 400 ? 'within' : 'OVER';
            printf("%-58s %9.0f %9s %9.0f  %s\n", 'first paint, warm: '.substr($place, 0, 24), $ms, '', 400, $said);
        }
        is_resource($server) && proc_terminate($server);
    }
    $pages = [
        '20,000 script tags' => '<html><body>'.str_repeat('<script>1</script>', 20_000)
            .'<ul><li>2 onions</li><li>1 kg beef chuck</li></ul></body></html>',
        '60,000 attributes' => '<html><body><p '.implode(
            ' ', array_map(static fn (int $k): string => "a$k=1", range(1, 60_000)),
        ).'>2 onions</p></body></html>',
        '39,000 tags' => '<html><body>'.str_repeat('<p>2 onions</p>', 19_500),
        'a table of 9,000 open rows' => '<html><table>'.str_repeat('<tr><td>2 onions', 9_000),
    ];
    foreach ($pages as $what => $page) {
        echo Measure::of("a saved page of $what", 4, 1, static function () use ($kernel, $page): void {
            $kernel->handle(Request::create(
                '/api/recipes/read', 'POST', server: ['CONTENT_TYPE' => 'application/json'],
                content: json_encode(['text' => $page, 'name' => 'page.html'], \JSON_THROW_ON_ERROR),
            ));
        })->line(2000);
    }
    $many = ManyCooks::of($kernel);
    $files = array_map(static fn (int $k): string => $many->times(1000), range(1, 5));
    echo Measure::of('1,000 cooks taken in, each of five times', 5, 0, static fn (int $i) => ManyCooks::in($kernel, $files[$i]))
        ->line(20_000);
    $files = [];
    echo Measure::of('5,000 cooks: the notebook', 20, 2, static fn (): string => $call('GET', '/api/notebook'))->line(60);
    echo Measure::of('5,000 cooks: two words found', 20, 2, static fn (): string => $call('GET', '/api/notebook?words=shanks%20wine'))
        ->line(60);
    echo Measure::of('5,000 cooks: its fortieth page', 20, 2, static fn (): string => $call('GET', '/api/notebook?page=40'))->line(60);
    echo Measure::of('5,000 cooks: all of the house out', 2, 0, static fn (): int => strlen(ManyCooks::out($kernel)))->line(20_000);
    unlink($store);
}
printf("\npeak memory %.0f MB\n", memory_get_peak_usage(true) / 1e6);
