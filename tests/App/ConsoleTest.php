<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class ConsoleTest extends KernelTestCase
{
    public function testTheModelAnswersTheReferenceCase(): void
    {
        [$code, $answer] = $this->model([
            'cooker' => ['capacityLitres' => 5.7, 'ratedWatts' => 241.5, 'heatFactor' => 1.0],
            'room' => ['temperature' => 21, 'altitude' => 0],
            'insertTemperature' => 20,
            'meat' => ['cut' => 'beef-chuck', 'kg' => 1.3, 'pieces' => 1, 'startTemperature' => 10, 'thicknessCm' => null, 'need' => null],
            'contents' => [
                ['kg' => 0.5, 'specificHeat' => 4050, 'temperature' => 20], ['kg' => 0.5, 'specificHeat' => 3900, 'temperature' => 15],
            ],
            'program' => [['fromHour' => 0, 'setting' => 'low']],
            'events' => [
                ['atHour' => 3, 'lidOpenMinutes' => 2], ['atHour' => 5, 'lidOpenMinutes' => 2], ['atHour' => 6, 'lidOpenMinutes' => 2],
            ],
            'hours' => 16,
        ]);

        self::assertSame(0, $code);
        self::assertEqualsWithDelta(9.37, $answer['fork'], 0.19);
        self::assertIsArray($answer['windows']);
        self::assertSame(['pot60', 'core60', 'slices', 'fork', 'pulls', 'past'], array_keys($answer['windows']));
        self::assertIsArray($answer['trace']);
        self::assertCount(16 * 12 + 1, $answer['trace']);
    }

    public function testEveryProblemOfACaseIsToldWithItsPath(): void
    {
        [$code, $answer] = $this->model([
            'cooker' => ['capacityLitres' => -1],
            'room' => ['temperature' => 'warm'],
            'meat' => ['cut' => 'unicorn', 'kg' => 1e99],
            'contents' => [['kg' => -3]],
            'program' => [['setting' => 'scorch']],
            'events' => [['atHour' => 1]],
        ]);

        self::assertSame(1, $code);
        self::assertIsArray($answer['problems']);
        self::assertSame(
            ['contents.0.kg', 'cooker.capacityLitres', 'events.0', 'meat.cut', 'program.0.setting', 'room.temperature'],
            self::sorted(array_unique(array_filter(array_column($answer['problems'], 'path'), is_string(...)))),
        );
    }

    public function testAWaterTestIsFitted(): void
    {
        $tester = $this->tester('pausis:water-test');
        $tester->execute(['readings' => ['2:61', '4:79', '6:88', '8:92'], '--litres' => '5.7', '--watts' => '241.5']);
        $answer = (array) json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR);

        self::assertSame(0, $tester->getStatusCode());
        self::assertSame('fit', $answer['verdict']);
        self::assertGreaterThan(0.8, $answer['heatFactor']);
        self::assertIsFloat($answer['lossFactor']);
    }

    public function testAWaterTestThatCantBeSaysWhere(): void
    {
        $tester = $this->tester('pausis:water-test');
        $tester->execute(['readings' => ['two:47', '4:900'], '--water-kg' => '40']);
        $answer = (array) json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR);

        self::assertSame(1, $tester->getStatusCode());
        self::assertIsArray($answer['problems']);
        self::assertContains('readings.0.atHour', array_column($answer['problems'], 'path'));
        self::assertContains('readings.1.temperature', array_column($answer['problems'], 'path'));
    }

    public function testTheCutsAreListed(): void
    {
        $tester = $this->tester('pausis:cuts');
        $tester->execute([]);

        self::assertStringContainsString('wild-boar-shoulder', $tester->getDisplay());
        self::assertStringContainsString('5.5 h ± 18 %', $tester->getDisplay());
    }

    public function testReadPrintsWhatTheReaderMade(): void
    {
        $tester = $this->tester('pausis:read');
        $tester->execute(['file' => \dirname(__DIR__, 2).'/app/StandIn/sample/pork-perry.txt']);
        $answer = (array) json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR);

        self::assertSame(6, $answer['serves']);
        self::assertIsArray($answer['ingredients']);
        self::assertSame(1587.6, array_column($answer['ingredients'], 'grams')[0]);
        self::assertSame(500.0, array_column($answer['ingredients'], 'millilitres', 'food')['cider']);
    }

    public function testAdaptPrintsTheWholeAdaptation(): void
    {
        $tester = $this->tester('pausis:adapt');
        $tester->execute([
            'file' => \dirname(__DIR__, 2).'/app/StandIn/sample/lamb-shanks.txt', '--cut' => 'lamb-shank', '--kg' => '1.6',
            '--pieces' => '4',
            '--cooker' => '6.5', '--serve' => '19:45', '--away' => '08:10-17:20', '--level' => 'a-third',
        ]);
        $answer = (array) json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR);

        self::assertSame(
            ['verdict', 'settings', 'ledger', 'liquid', 'salt', 'fill', 'day', 'safety', 'method', 'takeOut', 'ways'], array_keys($answer),
        );
        self::assertIsString($answer['verdict']);
        self::assertStringContainsString('eat at 19:45', $answer['verdict']);
    }

    public function testAdaptSaysWhatIsWrong(): void
    {
        $tester = $this->tester('pausis:adapt');
        $tester->execute(['file' => '/nowhere', '--cut' => 'unicorn', '--kg' => 'two', '--level' => 'knee-deep']);

        self::assertSame(1, $tester->getStatusCode());
        self::assertStringContainsString('recipe-empty', $tester->getDisplay());
        self::assertStringContainsString('unknown-cut', $tester->getDisplay());
    }

    public function testTheWrittenTypesOfTheApiAreFresh(): void
    {
        $tester = $this->tester('pausis:types');
        $tester->execute(['--check' => true]);

        self::assertSame(0, $tester->getStatusCode(), $tester->getDisplay());
    }

    /**
     * @param array<string, mixed> $case
     *
     * @return array{int, array<array-key, mixed>}
     */
    private function model(array $case): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($file, json_encode($case, \JSON_THROW_ON_ERROR));
        $tester = $this->tester('pausis:model');
        $tester->execute(['case' => $file]);
        unlink($file);

        return [$tester->getStatusCode(), (array) json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR)];
    }

    private function tester(string $command): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find($command));
    }

    /**
     * @param array<array-key, string> $list
     *
     * @return list<string>
     */
    private static function sorted(array $list): array
    {
        sort($list);

        return $list;
    }
}
