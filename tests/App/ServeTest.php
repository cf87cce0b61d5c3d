<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/serve with its real processes: Caddy, PHP-FPM, a store on disk; killed, started again, and stopped. */
final class ServeTest extends TestCase
{
    private const ROUNDS = 5;
    private const UP_SECONDS = 60;
    private static ?Process $serving = null;
    private static string $data = '';
    private static int $port = 0;

    public static function tearDownAfterClass(): void
    {
        self::$serving?->stop(20);
        exec('rm -rf '.escapeshellarg(self::$data));
    }

    public function testItComesUpAndAnswersCompressed(): void
    {
        self::$data = sys_get_temp_dir().'/pausis-serve-'.bin2hex(random_bytes(6));
        self::$port = self::freePort();
        self::start();
        [$status, $headers, $body] = self::get('/health');

        self::assertSame(200, $status);
        self::assertSame(['status' => 'ok', 'store' => true, 'room' => true], json_decode($body, true));
        [$status, $headers] = self::get('/', ['Accept-Encoding: gzip']);
        self::assertSame(200, $status);
        self::assertStringContainsString('content-security-policy', $headers);
        self::assertStringNotContainsString('server:', $headers);
        self::assertStringNotContainsString('x-powered-by', $headers);
        $script = (glob(\dirname(__DIR__, 2).'/public/build/assets/main-*.js') ?: [''])[0];
        [$status, $headers, $body] = self::get('/build/assets/'.basename($script), ['Accept-Encoding: gzip']);
        self::assertSame(200, $status);
        self::assertStringContainsString('content-encoding: gzip', $headers);
        self::assertStringContainsString('immutable', $headers);
        self::assertLessThan(filesize($script) / 2, \strlen($body));
        self::assertSame(404, self::get('/build/.vite/manifest.json')[0]);
        self::assertSame(404, self::get('/index.php')[0]);
    }

    #[Depends('testItComesUpAndAnswersCompressed')]
    public function testASecondOneOnTheSameStoreIsRefused(): void
    {
        $second = self::process(['bin/serve', '--port', (string) self::freePort(), '--data', self::$data]);
        $second->run();

        self::assertSame(1, $second->getExitCode());
        self::assertStringContainsString('already serves', $second->getErrorOutput());
    }

    #[Depends('testItComesUpAndAnswersCompressed')]
    public function testAPortThatIsTakenIsSaid(): void
    {
        $second = self::process(['bin/serve', '--port', (string) self::$port, '--data', self::$data.'-other']);
        $second->run();
        exec('rm -rf '.escapeshellarg(self::$data.'-other'));

        self::assertSame(1, $second->getExitCode());
        self::assertStringContainsString('taken by another program', $second->getErrorOutput());
    }

    /** What was acknowledged is there after whatever was killed is up again. */
    #[Depends('testItComesUpAndAnswersCompressed')]
    public function testKilledProcessesComeBackAndLoseNothing(): void
    {
        $kept = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $words = 'braisling '.str_repeat('a', $round + 2);
            [$status, , $body] = self::learn($words);
            if (201 === $status || 200 === $status) {
                $kept[] = $words;
            }
            $pid = self::pidOf(0 === $round % 2 ? 'fpm' : 'caddy');
            self::assertGreaterThan(1, $pid, $body);
            posix_kill($pid, \SIGKILL);
            self::waitUntilUp();
        }
        self::assertCount(self::ROUNDS, $kept);
        $known = self::get('/api/meanings')[2];
        foreach ($kept as $words) {
            self::assertStringContainsString($words, $known);
        }
    }

    #[Depends('testKilledProcessesComeBackAndLoseNothing')]
    public function testItIsCopiedAndPutBack(): void
    {
        $copy = self::process(['bin/backup', '--data', self::$data]);
        $copy->mustRun();
        self::assertFileExists(trim($copy->getOutput()));
        $refused = self::process(['bin/restore', '--data', self::$data]);
        $refused->run();
        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString('stop it first', $refused->getErrorOutput());

        self::assertSame(0, self::$serving?->stop(20));
        self::assertFalse(posix_kill(self::pidOf('fpm'), 0));
        self::assertFalse(posix_kill(self::pidOf('caddy'), 0));
        file_put_contents(self::$data.'/pausis.db', str_repeat('gone', 5000));
        $damaged = self::process(['bin/serve', '--port', (string) self::$port, '--data', self::$data]);
        $damaged->run();
        self::assertSame(1, $damaged->getExitCode());
        self::assertStringContainsString(trim($copy->getOutput()), $damaged->getErrorOutput());
        self::process(['bin/restore', '--data', self::$data])->mustRun();
        self::start();
        self::assertStringContainsString('braisling aa', self::get('/api/meanings')[2]);
    }

    private static function start(): void
    {
        self::$serving = self::process(['bin/serve', '--port', (string) self::$port, '--data', self::$data])->setTimeout(null);
        self::$serving->start();
        self::waitUntilUp();
    }

    /** @param list<string> $command that knows nothing of this test's own settings */
    private static function process(array $command): Process
    {
        return new Process($command, \dirname(__DIR__, 2), [
            'SYMFONY_DOTENV_VARS' => false, 'APP_ENV' => false, 'DATABASE_URL' => false, 'PAUSIS_NOW' => false,
        ]);
    }

    private static function waitUntilUp(): void
    {
        $until = microtime(true) + self::UP_SECONDS;
        while (microtime(true) < $until) {
            if (200 === self::get('/health')[0]) {
                return;
            }
            usleep(100_000);
        }
        self::fail('It does not come up: '.self::$serving?->getOutput().self::$serving?->getErrorOutput());
    }

    private static function pidOf(string $program): int
    {
        return (int) @file_get_contents(self::$data."/run/$program.pid");
    }

    /** @return array{int, string, string} status, headers, body */
    private static function learn(string $words): array
    {
        return self::call(['http' => [
            'method' => 'POST', 'header' => ['Content-Type: application/json'], 'ignore_errors' => true, 'timeout' => 10,
            'content' => (string) json_encode(['source' => $words, 'food' => 'carrot', 'role' => 'vegetable', 'ignored' => false]),
        ]], '/api/meanings');
    }

    /**
     * @param list<string> $headers
     *
     * @return array{int, string, string} status, headers, body
     */
    private static function get(string $path, array $headers = []): array
    {
        return self::call(['http' => ['header' => $headers, 'ignore_errors' => true, 'timeout' => 10]], $path);
    }

    /**
     * @param array<string, array<string, mixed>> $options
     *
     * @return array{int, string, string} status, headers, body
     */
    private static function call(array $options, string $path): array
    {
        $body = @file_get_contents('http://127.0.0.1:'.self::$port.$path, false, stream_context_create($options));
        $headers = false === $body ? [] : $http_response_header;

        return [(int) substr($headers[0] ?? '', 9, 3), strtolower(implode("\n", $headers)), (string) $body];
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return max(1024, $port);
    }
}
