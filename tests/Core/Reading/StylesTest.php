<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\Questions;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Pieces;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\TakeOut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Recipes in styles of their own, whole: foods, ways, parts, what goes in late, what comes out, how it is finished. */
final class StylesTest extends TestCase
{
    private const WORDS = [
        'slurry' => 'thicken-starch', 'butter-and-starch' => 'butter-starch', 'back-into-the-juice' => 'soak-back',
        'season-to-taste' => 'season', 'crisp' => 'broil',
    ];

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function recipes(): iterable
    {
        /** @var array{recipes: array<string, array<string, mixed>>} $truth */
        $truth = json_decode((string) file_get_contents(__DIR__.'/corpus/styles/truth.json'), true, 16, \JSON_THROW_ON_ERROR);
        foreach ($truth['recipes'] as $name => $expected) {
            yield $name => [(string) file_get_contents(__DIR__."/corpus/styles/$name.txt"), $expected];
        }
    }

    /** @param array<string, mixed> $expected */
    #[DataProvider('recipes')]
    public function testItIsUnderstoodAsACookWould(string $text, array $expected): void
    {
        $reading = self::read($text);
        $got = self::told($reading);
        foreach ($expected as $what => $value) {
            if ('late' === $what && \is_array($value)) {
                self::assertEquals($value, array_intersect_key((array) $got['late'], $value));
                continue;
            }
            self::assertEquals($value, $got[$what], $what);
        }
        self::assertLessThanOrEqual(2, \count(Questions::of($reading)));
    }

    public function testWithoutAWayTheWayIsTheFirstQuestion(): void
    {
        $reading = self::read("Beef\n\n1 kg beef chuck\n2 onions\n500 ml stock\n\nBrown the beef. Soften the onions. Serve.");

        self::assertSame('way', Questions::of($reading)[0]['about'] ?? '');
        self::assertNull($reading->original);
    }

    public function testACutThatIsInNoTableIsAsked(): void
    {
        $reading = self::read("Pork\n\n1 kg pork loin\n2 onions\n500 ml stock\n\nCover and cook in the oven at 150 °C for 2 hours.");

        self::assertContains('cut', array_column(Questions::of($reading), 'about'));
    }

    /** @return array<string, mixed> */
    private static function told(Reading $reading): array
    {
        $structure = $reading->structure;
        self::assertNotNull($structure);
        $range = static fn (Minutes|Pieces|null $m): ?array => null === $m ? null : [$m->low, $m->high];
        $food = static fn (int $k): string => $reading->ingredients[$k]->food->id ?? $reading->ingredients[$k]->cut->id ?? '?';
        $ways = $amounts = $beside = $late = [];
        foreach ($reading->ways as $way) {
            $ways[$way->method->value] = [] === $way->settings
                ? [$range($way->minutes), $way->celsius[0] ?? null]
                : array_map($range, $way->settings);
            foreach ($way->amounts as $one) {
                $amounts[$way->method->value][$food($one['ingredient'])] = $one['millilitres'] ?? $one['factor'];
            }
        }
        foreach ($structure->parts as $k => $part) {
            $beside += PartKind::Braise === $part ? [] : [$food($k) => $part->value];
            $late += null === $structure->late[$k] ? [] : [$food($k) => $structure->late[$k]->low];
        }

        return [
            'serves' => $reading->serves, 'foods' => array_map($food, array_keys($reading->ingredients)), 'ways' => $ways,
            'amounts' => $amounts, 'beside' => $beside, 'late' => $late,
            'takeOut' => array_map(static fn (TakeOut $t): string => $t->name, $structure->takeOut),
            'finish' => array_map(static fn (Act $a): string => self::WORDS[$a->kind->value] ?? $a->kind->value, $structure->finish),
            'pieces' => $range($structure->pieces), 'size' => $structure->sizeCm, 'browned' => $structure->browned,
            'marinade' => $structure->marinade, 'bonesServed' => $structure->bonesServed,
        ];
    }

    private static function read(string $text): Reading
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems());
        self::assertNotNull($reading);

        return $reading;
    }
}
