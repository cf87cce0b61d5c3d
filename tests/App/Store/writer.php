<?php

declare(strict_types=1);

// Adds braises to the store named by DATABASE_URL until it has added so many or is killed; says each id once it is committed.

use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;

/** @var Psr\Container\ContainerInterface $services */
$services = require __DIR__.'/services.php';
/** @var Braises $braises */
$braises = $services->get(Braises::class);
if (false !== $most = getenv('PAUSIS_TEST_MOST_PAGES')) {
    /** @var Doctrine\DBAL\Connection $connection */
    $connection = $services->get(Doctrine\DBAL\Connection::class);
    // A disk that is full after so many pages.
    $connection->executeStatement("PRAGMA max_page_count=$most");
}
for ($i = 0; $i < (int) $argv[1]; ++$i) {
    $braise = new BraiseRecord("Braise $i", ['text' => str_repeat('x', 20_000)], new DateTimeImmutable());
    try {
        $braises->add($braise);
        echo $braise->id, "\n";
    } catch (Throwable $e) {
        echo 'failed: ', $e->getMessage(), "\n";
        exit(1);
    }
}
