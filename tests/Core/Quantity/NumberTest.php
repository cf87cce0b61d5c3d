<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Quantity;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Reading\AmountReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NumberTest extends TestCase
{
    #[TestWith(['2', 2.0])]
    #[TestWith(['2.5', 2.5])]
    #[TestWith(['2,5', 2.5])]
    #[TestWith(['½', 0.5])]
    #[TestWith(['2½', 2.5])]
    #[TestWith(['2 ½', 2.5])]
    #[TestWith(['1 1/2', 1.5])]
    #[TestWith(['1-1/2', 1.5])]
    #[TestWith(['3/4', 0.75])]
    #[TestWith(['3⁄4', 0.75])]
    #[TestWith(['⅓', 0.3333])]
    #[TestWith(['a', 1.0])]
    #[TestWith(['an', 1.0])]
    #[TestWith(['half a', 0.5])]
    #[TestWith(['a quarter', 0.25])]
    #[TestWith(['two', 2.0])]
    #[TestWith(['a dozen', 12.0])]
    #[TestWith(['a couple of', 2.0])]
    #[TestWith(['two and a half', 2.5])]
    #[TestWith(['3 and a quarter', 3.25])]
    #[TestWith(['1/0', 0.0])]
    public function testNumbersAsCooksWriteThem(string $written, float $value): void
    {
        self::assertMatchesRegularExpression('/^'.Number::pattern().'$/iu', $written);
        self::assertEqualsWithDelta($value, Number::value($written), 1e-4);
    }

    /** @return iterable<string, array{string, float, float, Unit|null, string}> text, low, high, unit, rest */
    public static function amounts(): iterable
    {
        $rows = [
            ['2 onions', 2, 2, null, 'onions'],
            ['2-3 carrots', 2, 3, null, 'carrots'],
            ['2 to 3 carrots', 2, 3, null, 'carrots'],
            ['1 or 2 chillies', 1, 2, null, 'chillies'],
            ['250ml wine', 250, 250, Unit::Millilitre, 'wine'],
            ['250 mL of wine', 250, 250, Unit::Millilitre, 'of wine'],
            ['1.5 l stock', 1.5, 1.5, Unit::Litre, 'stock'],
            ['2 lbs. shin', 2, 2, Unit::Pound, 'shin'],
            ['8 fl oz cream', 8, 8, Unit::FluidOunce, 'cream'],
            ['8 oz. mushrooms', 8, 8, Unit::Ounce, 'mushrooms'],
            ['3 tbsp. oil', 3, 3, Unit::Tablespoon, 'oil'],
            ['1 heaped teaspoon paprika', 1.5, 1.5, Unit::Teaspoon, 'paprika'],
            ['a generous pinch of saffron', 1, 1, Unit::Pinch, 'of saffron'],
            ['a bunch of parsley', 1, 1, Unit::Bunch, 'of parsley'],
            ['2 sprigs thyme', 2, 2, Unit::Sprig, 'thyme'],
            ['about 2 kg shoulder', 2, 2, Unit::Kilogram, 'shoulder'],
            ['3 x 300 g shanks', 900, 900, Unit::Gram, 'shanks'],
            ['900 g/2 lb shin', 900, 900, Unit::Gram, 'shin'],
            ['900 g (2 lb) shin', 900, 900, Unit::Gram, 'shin'],
            ['2 x 400g tins beans', 800, 800, Unit::Gram, 'beans'],
            ['a 750 ml bottle of wine', 750, 750, Unit::Millilitre, 'wine'],
            ['1 tin beans', 1, 1, Unit::Tin, 'beans'],
            ['a jar of olives', 1, 1, Unit::Jar, 'of olives'],
            ['1 quart broth', 1, 1, Unit::Quart, 'broth'],
        ];
        foreach ($rows as [$text, $low, $high, $unit, $rest]) {
            yield $text => [$text, (float) $low, (float) $high, $unit, $rest];
        }
    }

    #[DataProvider('amounts')]
    public function testAmountsAndWhatIsLeftOfTheLine(string $text, float $low, float $high, ?Unit $unit, string $rest): void
    {
        $found = (new AmountReader())->find($text);

        self::assertNotNull($found);
        self::assertEqualsWithDelta([$low, $high], [$found->amount->low, $found->amount->high], 1e-9);
        self::assertSame([$unit, $rest, true], [$found->amount->unit, $found->without($text), $found->leads()]);
    }

    #[TestWith(['salt'])]
    #[TestWith(['onions, sliced'])]
    #[TestWith(['anchovies'])]
    #[TestWith(['tenderloin'])]
    public function testNoAmountIsNoAmount(string $text): void
    {
        self::assertNull((new AmountReader())->find($text));
    }

    public function testEveryUnitKnowsItsSpelling(): void
    {
        foreach ([
            'kg', 'grams', 'ounces', 'pounds', 'litres', 'tablespoons', 'cups', 'pints', 'cans', 'pinches', 'bunches', 'splash', 'handful',
        ] as $word) {
            self::assertNotNull(Unit::spelled($word), $word);
        }
        self::assertNull(Unit::spelled('parsecs'));
        foreach (Unit::cases() as $unit) {
            self::assertFalse(null !== $unit->grams() && null !== $unit->millilitres(), $unit->value);
        }
    }
}
