<?php

declare(strict_types=1);

// Takes a house's file into the store named by DATABASE_URL; says when it has read the file, and when all of it is in.

use Pausis\App\Exchange\HouseFile;
use Pausis\App\Exchange\TakeInHouse;
use Pausis\Core\Problem\Problems;

/** @var Psr\Container\ContainerInterface $services */
$services = require __DIR__.'/services.php';
/** @var HouseFile $files */
$files = $services->get(HouseFile::class);
/** @var TakeInHouse $takeIn */
$takeIn = $services->get(TakeInHouse::class);
$file = $files->read((string) file_get_contents($argv[1]), new DateTimeImmutable($argv[2]), new Problems());
assert(null !== $file);
echo "read\n";
$takeIn->take($file, true);
echo "in\n";
