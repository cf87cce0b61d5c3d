<?php

declare(strict_types=1);

// The services of a process of its own, on the store named by DATABASE_URL.

use Pausis\App\Kernel;
use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__, 3).'/vendor/autoload.php';

(new Dotenv())->bootEnv(dirname(__DIR__, 3).'/.env', 'test');
$kernel = new Kernel('test', false);
$kernel->boot();
/** @var Psr\Container\ContainerInterface $services */
$services = $kernel->getContainer()->get('test.service_container');

return $services;
