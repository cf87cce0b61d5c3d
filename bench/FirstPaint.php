<?php

declare(strict_types=1);

namespace Pausis\Bench;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;

/** When the first of a place is painted in a real browser, everything warm: the server's caches, and the browser's. */
final readonly class FirstPaint
{
    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--window-size=1280,943',
    ];
    private const PAINTED = 'return performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? 1e9';

    /**
     * @param string       $address of the server
     * @param list<string> $paths
     *
     * @return array<string, float> milliseconds, the median of several, by path
     */
    public static function of(string $address, array $paths, int $times): array
    {
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments(self::FLAGS);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = ChromeDriver::start($capabilities, new ChromeDriverService('/usr/bin/chromedriver', 9517, ['--port=9517']));
        $medians = [];
        foreach ($paths as $path) {
            $painted = [];
            for ($i = 0; $i <= $times; ++$i) {
                $driver->get($address.$path);
                usleep(700_000);
                $at = $driver->executeScript(self::PAINTED);
                $painted[] = is_numeric($at) ? (float) $at : \INF;
            }
            // The first is not warm.
            $painted = \array_slice($painted, 1);
            sort($painted);
            $medians[$path] = (float) $painted[intdiv(\count($painted), 2)];
        }
        $driver->quit();

        return $medians;
    }
}
