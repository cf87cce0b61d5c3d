<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the reader makes of 300 lines and 30 recipes written in many ways. */
final class CorpusTest extends TestCase
{
    private const AMOUNTS_RIGHT = 0.97;
    private const FOODS_RIGHT = 0.95;
    private const MOST_CORRECTIONS = 2;

    public function testLinesAreReadRight(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $lines = $wrongAmounts = $wrongFoods = [];
        foreach (file(__DIR__.'/corpus/lines.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if (str_starts_with($row, '#')) {
                continue;
            }
            [$line, $amount, $food, $grams] = [...explode('|', $row), null];
            $read = $reader->read((string) $line);
            $lines[] = $line;
            if (self::amount($read) !== $amount
                || (null !== $grams && abs((float) $read->grams - (float) $grams) > 0.02 * (float) $grams)) {
                $wrongAmounts[] = "$line: $amount, read ".self::amount($read)." ($read->grams g)";
            }
            if (self::food($read) !== $food) {
                $wrongFoods[] = "$line: $food, read ".self::food($read);
            }
        }

        self::assertGreaterThanOrEqual(300, \count($lines));
        self::assertGreaterThanOrEqual(self::AMOUNTS_RIGHT, 1 - \count($wrongAmounts) / \count($lines), implode("\n", $wrongAmounts));
        self::assertGreaterThanOrEqual(self::FOODS_RIGHT, 1 - \count($wrongFoods) / \count($lines), implode("\n", $wrongFoods));
    }

    /** @return iterable<string, array{string, list<string>}> text, expected */
    public static function recipes(): iterable
    {
        foreach (glob(__DIR__.'/corpus/recipes/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [
                (string) file_get_contents($file), file(str_replace('.txt', '.expected', $file), \FILE_IGNORE_NEW_LINES) ?: [],
            ];
        }
    }

    /** @param list<string> $expected title, servings and original method; then amount and food of each ingredient */
    #[DataProvider('recipes')]
    public function testARecipeNeedsNoMoreThanTwoCorrections(string $text, array $expected): void
    {
        $reading = self::read($text);
        [$title, $serves, $original] = explode('|', (string) array_shift($expected));
        $found = array_map(static fn (Ingredient $i): string => self::amount($i).'|'.self::food($i), $reading->ingredients);
        $corrections = max(\count(array_diff($expected, $found)), \count(array_diff($found, $expected)))
            + ($title === $reading->title ? 0 : 1)
                + ($serves === (string) ($reading->serves ?? '-') ? 0 : 1) + ($original === self::original($reading) ? 0 : 1);

        self::assertLessThanOrEqual(
            self::MOST_CORRECTIONS, $corrections,
            implode("\n", [$reading->title, (string) $reading->serves, self::original($reading), ...$found]),
        );
    }

    /** @param list<string> $expected */
    #[DataProvider('recipes')]
    public function testEveryCharacterIsInOneMark(string $text, array $expected): void
    {
        $reading = self::read($text);

        self::assertSame($text, implode('', array_map(static fn (Mark $m): string => $m->text, $reading->marks)));
        foreach ($reading->marks as $mark) {
            self::assertTrue(match ($mark->kind) {
                MarkKind::Amount, MarkKind::Food => isset($reading->ingredients[(int) $mark->index]),
                MarkKind::Step => isset($reading->steps[(int) $mark->index]),
                MarkKind::Blank => !preg_match('/\p{L}{5}/u', $mark->text),
                default => true,
            }, "$mark->text {$mark->kind->value}");
        }
        self::assertNotSame([], $expected);
    }

    private static function read(string $text): Reading
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems());
        self::assertNotNull($reading);

        return $reading;
    }

    private static function amount(Ingredient $i): string
    {
        if (null === $i->amount) {
            return '-';
        }
        $number = static fn (float $value): string => (string) round($value, 4);

        return trim(
            $number($i->amount->low).($i->amount->high > $i->amount->low ? '-'.$number($i->amount->high) : '').' '.$i->amount->unit?->value,
        );
    }

    private static function food(Ingredient $i): string
    {
        return $i->food->id ?? $i->cut->id ?? '?';
    }

    private static function original(Reading $reading): string
    {
        $original = $reading->original;

        return null === $original
            ? '-'
            : trim(
                $original->method->value
                    .' '.round($original->hours, 2)
                    .' '.(null === $original->ovenCelsius ? '' : round($original->ovenCelsius)),
            );
    }
}
