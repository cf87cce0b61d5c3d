<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Recipes by other hands, where they lie beside the project: the reader may not fall below what it has reached. */
final class SharedCorpusTest extends TestCase
{
    private const FOLDER = '/../shared/corpus';

    public function testTheReaderKeepsWhatItReached(): void
    {
        $project = \dirname(__DIR__, 2);
        $python = (new ExecutableFinder())->find('python3');
        if (!is_file($project.self::FOLDER.'/score.py') || null === $python) {
            self::markTestSkipped('No shared recipes here.');
        }
        $score = new Process(
            [$python, $project.self::FOLDER.'/score.py', $project], $project, ['APP_ENV' => 'test', 'APP_DEBUG' => '0'], timeout: 300,
        );
        $score->mustRun();
        $said = $score->getOutput();

        self::assertLessThanOrEqual(1.2, self::number('/corrections: mean ([\d.]+)/', $said), $said);
        self::assertLessThanOrEqual(4, self::number('/corrections: .*most (\d+)/', $said));
        self::assertGreaterThanOrEqual(29, self::number('/temperature\+setting right (\d+)/', $said));
        self::assertSame(0.0, self::number('/ways \d+\/\d+, invented (\d+)/', $said));
        self::assertLessThanOrEqual(1, self::number('/sure and wrong (\d+)/', $said));
        self::assertLessThanOrEqual(5.0, self::number('/right but doubted ([\d.]+) %/', $said));
        self::assertGreaterThanOrEqual(99.0, self::number('/foods ([\d.]+) %/', $said));
        self::assertGreaterThanOrEqual(99.0, self::number('/amounts ([\d.]+) %/', $said));
        self::assertGreaterThanOrEqual(28, self::number('/liquid right (\d+)/', $said));
        self::assertGreaterThanOrEqual(29, self::number('/meat right (\d+)/', $said));
        self::assertGreaterThanOrEqual(98.5, self::number('/parts ([\d.]+) %/', $said));
        self::assertGreaterThanOrEqual(31, self::number('/; late (\d+)\//', $said));
        self::assertGreaterThanOrEqual(15, self::number('/take-outs (\d+)/', $said));
        self::assertGreaterThanOrEqual(49, self::number('/finish items (\d+)/', $said));
        self::assertLessThanOrEqual(1.5, self::number('/questions a recipe: mean ([\d.]+)/', $said));
    }

    private static function number(string $pattern, string $text): float
    {
        self::assertMatchesRegularExpression($pattern, $text);
        preg_match($pattern, $text, $m);

        return (float) ($m[1] ?? 0);
    }
}
