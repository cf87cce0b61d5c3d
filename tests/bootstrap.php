<?php

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__).'/vendor/autoload.php';

// The tests name their own clock and store; what the shell has set must not reach them.
foreach (['APP_ENV', 'DATABASE_URL', 'PAUSIS_NOW', 'PAUSIS_HOST', 'SYMFONY_DOTENV_VARS', 'SYMFONY_DOTENV_PATH'] as $name) {
    unset($_ENV[$name]);
    putenv($name);
    if ('APP_ENV' !== $name) {
        unset($_SERVER[$name]);
    }
}
(new Dotenv())->bootEnv(dirname(__DIR__).'/.env', 'test');
