<?php

declare(strict_types=1);

// Takes a house's file into the store named by DATABASE_URL; says when it has read the file, and when all of it is in.

use Pausis\App\Exchange\HouseFile;
use Pausis\App\Exchange\TakeInHouse;
use Pausis\App\Kernel;
use Pausis\Core\Problem\Problems;
use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__, 3).'/vendor/autoload.php';

(new Dotenv())->bootEnv(dirname(__DIR__, 3).'/.env', 'test');
$kernel = new Kernel('test', false);
$kernel->boot();
/** @var Psr\Container\ContainerInterface $services */
$services = $kernel->getContainer()->get('test.service_container');
/** @var HouseFile $files */
$files = $services->get(HouseFile::class);
/** @var TakeInHouse $takeIn */
$takeIn = $services->get(TakeInHouse::class);
$file = $files->read((string) file_get_contents($argv[1]), new DateTimeImmutable($argv[2]), new Problems());
assert(null !== $file);
echo "read\n";
$takeIn->take($file, true);
echo "in\n";
