<?php

declare(strict_types=1);

// One of several people at a stove: starts the braise's cook, or joins it, records so many things, and closes it.

use Pausis\App\Kernel;
use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';
(new Dotenv())->bootEnv(dirname(__DIR__, 3).'/.env', 'test');
$kernel = new Kernel('test', false);
/** @param array<string, mixed> $body */
$call = static function (string $path, array $body) use ($kernel): string {
    $response = $kernel->handle(Request::create(
        $path, 'POST', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_HOST' => 'localhost'],
        content: json_encode($body, \JSON_THROW_ON_ERROR),
    ));
    echo $response->getStatusCode(), "\n";

    return (string) $response->getContent();
};
/** @var list<string> $argv */
[, $braise, $who, $records] = $argv;
/** @var array{id?: string} $cook */
$cook = json_decode(
    $call("/api/braises/$braise/cook", ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00', 'knowing' => ['already-on']]),
    true, 64, \JSON_THROW_ON_ERROR,
);
$id = $cook['id'] ?? 'none';
echo "cook $id\n";
for ($k = 0; $k < (int) $records; ++$k) {
    $call("/api/cooks/$id/done", ['job' => "$who-$k", 'id' => "$who-$k"]);
    $call("/api/cooks/$id/done", ['job' => "$who-$k", 'id' => "$who-$k"]);
}
$call("/api/cooks/$id/close", ['servedAt' => '', 'note' => $who]);
