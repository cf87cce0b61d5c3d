<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The core's tables: their shape, and what a shape can't say. */
final class DataTest extends TestCase
{
    #[TestWith(['cuts'])]
    #[TestWith(['misheard'])]
    #[TestWith(['sides'])]
    public function testATableHasItsShape(string $table): void
    {
        $folder = \dirname(__DIR__, 2).'/core/data';
        $data = json_decode((string) file_get_contents("$folder/$table.json"), false, 16, \JSON_THROW_ON_ERROR);
        $result = (new Validator())->validate($data, (string) file_get_contents("$folder/schema/$table.json"));

        $error = $result->error();
        self::assertTrue(
            $result->isValid(), null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_THROW_ON_ERROR),
        );
    }

    public function testEveryRoleOfTheLarderHasItsShape(): void
    {
        $folder = \dirname(__DIR__, 2).'/core/data';
        $files = glob("$folder/larder/*.json") ?: [];
        self::assertCount(18, $files);
        foreach ($files as $file) {
            $data = json_decode((string) file_get_contents($file), false, 16, \JSON_THROW_ON_ERROR);
            $result = (new Validator())->validate($data, (string) file_get_contents("$folder/schema/larder.json"));
            $error = $result->error();
            self::assertTrue(
                $result->isValid(),
                basename($file).(null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_THROW_ON_ERROR)),
            );
            foreach (self::rows('larder/'.basename($file, '.json'), 'foods') as $row) {
                self::assertSame(basename($file, '.json'), $row['role'] ?? '', $row['id']);
            }
        }
    }

    public function testNoNameMeansTwoFoods(): void
    {
        $seen = [];
        foreach (self::foods() as $row) {
            foreach ($row['words'] as $word) {
                self::assertArrayNotHasKey($word, $seen, "$word: $row[id] and ".($seen[$word] ?? ''));
                $seen[$word] = $row['id'];
            }
        }
        self::assertGreaterThan(1400, \count($seen));
    }

    public function testThereAreThreeHundredAndFiftyFoodsMadeOfNoMoreThanThemselves(): void
    {
        $foods = Larder::load()->all();
        self::assertGreaterThanOrEqual(350, \count($foods));
        foreach ($foods as $food) {
            self::assertLessThanOrEqual(
                1.02,
                $food->waterShare + $food->starch + $food->alcohol + ($food->waterShare > 0.9 ? 0 : min($food->fat, 1 - $food->waterShare)),
                $food->id,
            );
            self::assertGreaterThan(1600, $food->specificHeat(), $food->id);
            self::assertLessThan(4200, $food->specificHeat(), $food->id);
        }
    }

    public function testWhatWasMisheardNowNamesAFood(): void
    {
        /** @var array{words: list<array{in: string, meant: string}>} $data */
        $data = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/core/data/misheard.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($data['words'] as $row) {
            if ('food' === $row['in']) {
                self::assertTrue(
                    null !== Larder::load()->named($row['meant']) || null !== Cuts::load()->named($row['meant']), $row['meant'],
                );
            }
        }
    }

    public function testNoNameMeansTwoCuts(): void
    {
        $seen = [];
        foreach (self::rows('cuts', 'cuts') as $row) {
            foreach ($row['words'] as $word) {
                self::assertArrayNotHasKey($word, $seen, "$word: $row[id] and ".($seen[$word] ?? ''));
                $seen[$word] = $row['id'];
            }
        }
    }

    public function testEveryFoodIsFoundByEachOfItsNames(): void
    {
        $larder = Larder::load();
        foreach (self::foods() as $row) {
            foreach ($row['words'] as $word) {
                if (!str_contains($word, ',')) {
                    self::assertSame($row['id'], ($larder->named("some $word, chopped")[0] ?? null)?->id, $word);
                }
            }
        }
    }

    public function testEveryCutIsFoundByEachOfItsNames(): void
    {
        $cuts = Cuts::load();
        foreach (self::rows('cuts', 'cuts') as $row) {
            foreach ($row['words'] as $word) {
                self::assertSame($row['id'], $cuts->named("2 kg $word, trimmed")?->id, $word);
            }
        }
    }

    public function testThereAreTheCutsOfTheModelAndAtLeastTenMore(): void
    {
        self::assertGreaterThanOrEqual(31, \count(Cuts::load()->all()));
    }

    /** @return list<array{id: string, words: list<string>, role?: string}> */
    private static function foods(): array
    {
        $files = glob(\dirname(__DIR__, 2).'/core/data/larder/*.json') ?: [];

        return array_merge(...array_map(static fn (string $f): array => self::rows('larder/'.basename($f, '.json'), 'foods'), $files));
    }

    /** @return list<array{id: string, words: list<string>, role?: string}> */
    private static function rows(string $table, string $list): array
    {
        /** @var array<string, list<array{id: string, words: list<string>, role?: string}>> $data */
        $data = json_decode((string) file_get_contents(\dirname(__DIR__, 2)."/core/data/$table.json"), true, 16, \JSON_THROW_ON_ERROR);

        return $data[$list];
    }
}
