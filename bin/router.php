<?php

declare(strict_types=1);

// For PHP's built-in server: built files from disk with long caching, everything else to the application.
$path = (string) parse_url($_SERVER['REQUEST_URI'], \PHP_URL_PATH);
$root = dirname(__DIR__).'/public';
$file = str_contains(rawurldecode($path), "\0") ? false : realpath($root.rawurldecode($path));
$types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'png' => 'image/png',
    'webmanifest' => 'application/manifest+json'];

if (false !== $file && str_starts_with($file, $root.'/build/') && is_file($file) && isset($types[pathinfo($file, \PATHINFO_EXTENSION)])) {
    header('Content-Type: '.$types[pathinfo($file, \PATHINFO_EXTENSION)]);
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('X-Content-Type-Options: nosniff');
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $root.'/index.php';
require $root.'/index.php';
