<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use PHPUnit\Framework\TestCase;

final class ArchitectureTest extends TestCase
{
    /** As in ARCHITECTURE.md: what a folder knows stands before it. */
    private const ORDER = [
        'Quantity', 'Problem', 'Explain', 'Cooker', 'Tenderness', 'Larder', 'Meat', 'Sequence', 'Recipe', 'Reading', 'Heat', 'Lear'
            .'ning', 'Liquid', 'Finish',
        'Safety', 'Day', 'Adaptation', 'Following', 'Notebook',
    ];
    private const LONGEST_LINE = 140;
    private const LONGEST_FUNCTION = 60;
    /** The simulation's one long loop is better than five methods that share its state. */
    private const LOOP = 'core/Heat/Simulation.php';
    private const OWN_OR_BUILT_IN = '/^use (?:Pausis\\\\Core\\\\|[A-Z][A-Za-z]+;)/';
    private const OUTSIDE_WORLD = '/(?<![>:\w])(?:date|time|microtime|hrtime|rand|mt_rand|random_int|random_bytes|uniqid|getenv'
        .'|file_put_contents|fopen|curl_init|exec|header|setlocale)\(|\$_(?:ENV|SERVER|GET|POST)\b|new \\\\DateTimeImmutable\(/';

    public function testTheCoreUsesNothingButItself(): void
    {
        foreach (self::sources() as $name => $source) {
            preg_match_all('/^use [^(].*;$/m', $source, $uses);
            foreach ($uses[0] as $use) {
                self::assertMatchesRegularExpression(self::OWN_OR_BUILT_IN, $use, $name);
            }
        }
    }

    public function testTheCoreReadsNoClockChanceEnvironmentOrFileButItsData(): void
    {
        foreach (self::sources() as $name => $source) {
            self::assertDoesNotMatchRegularExpression(self::OUTSIDE_WORLD, $source, $name);
            preg_match_all('/file_get_contents\([^;]*/', $source, $reads);
            foreach ($reads[0] as $read) {
                self::assertStringContainsString("__DIR__.'/../data/", $read, $name);
            }
        }
    }

    public function testAFolderUsesOnlyThoseBeforeIt(): void
    {
        $at = array_flip(self::ORDER);
        foreach (self::sources() as $name => $source) {
            $own = self::folder($name);
            preg_match_all('/^use Pausis\\\\Core\\\\(\w+)\\\\/m', $source, $uses);
            foreach ($uses[1] as $used) {
                self::assertLessThanOrEqual($at[$own], $at[$used], "$name uses $used");
            }
        }
    }

    public function testLinesAreShortAndSoAreFunctions(): void
    {
        $root = \dirname(__DIR__, 2);
        foreach (['core', 'app', 'tests', 'bench', 'training'] as $folder) {
            foreach (self::sources("$root/$folder") as $name => $source) {
                foreach (explode("\n", $source) as $k => $line) {
                    self::assertLessThanOrEqual(self::LONGEST_LINE, mb_strlen($line), "$name:".($k + 1));
                }
                foreach (str_starts_with($folder, 't') ? [] : self::functions($source) as $function => $lines) {
                    $isLoop = str_ends_with($name, self::LOOP) && 'run' === $function;
                    self::assertTrue($isLoop || $lines <= self::LONGEST_FUNCTION, "$name: $function, $lines lines");
                }
            }
        }
    }

    /** @return array<string, int> lines of each */
    private static function functions(string $source): array
    {
        $lines = [];
        $open = null;
        foreach (explode("\n", $source) as $k => $line) {
            if (preg_match('/^    (?:[a-z]+ )*function (\w+)\(/', $line, $m)) {
                $open = [$m[1], $k];
            } elseif ('    }' === $line && null !== $open) {
                $lines[$open[0]] = $k - $open[1];
                $open = null;
            }
        }

        return $lines;
    }

    private static function folder(string $name): string
    {
        return explode('/', substr($name, \strlen(\dirname(__DIR__, 2).'/core/')))[0];
    }

    /** @return array<string, string> */
    private static function sources(?string $root = null): array
    {
        $sources = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root ?? \dirname(__DIR__, 2).'/core'));
        foreach ($files as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension() && !str_contains($file->getPathname(), '/core/data/')) {
                $sources[$file->getPathname()] = (string) file_get_contents($file->getPathname());
            }
        }
        self::assertNotSame([], $sources);

        return $sources;
    }
}
