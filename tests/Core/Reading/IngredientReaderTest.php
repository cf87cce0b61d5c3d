<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\IngredientReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IngredientReaderTest extends TestCase
{
    private static IngredientReader $reader;

    public static function setUpBeforeClass(): void
    {
        self::$reader = new IngredientReader(Larder::load(), Cuts::load());
    }

    /** @return iterable<string, array{string, float|null, string, Role}> line, grams, food or cut, role */
    public static function lines(): iterable
    {
        $lines = [
            ['1.3 kg beef chuck, tied', 1300, 'beef-chuck', Role::Meat],
            ['2¾–3 lb pork shoulder', 1304, 'pork-shoulder', Role::Meat],
            ['around 1,4 kg goat shoulder', 1400, 'goat-shoulder', Role::Meat],
            ['1,500 g pork shoulder', 1500, 'pork-shoulder', Role::Meat],
            ['1.1023 lb onions', 500, 'onion', Role::Vegetable],
            ['a 500 ml bottle of dry perry', 505, 'cider', Role::Liquid],
            ['2 (14 oz) cans of chopped tomatoes', 794, 'tinned-tomatoes', Role::Tomato],
            ['1.8 kg / 4 lb pork shoulder', 1800, 'pork-shoulder', Role::Meat],
            ['4 lamb shanks (about 1.6 kg)', 1600, 'lamb-shank', Role::Meat],
            ['6 ox cheeks, 350 g each', 2100, 'beef-cheek', Role::Meat],
            ['2 x 400 g tins chopped tomatoes', 800, 'tinned-tomatoes', Role::Tomato],
            ['2 tins of tomatoes', 800, 'tinned-tomatoes', Role::Tomato],
            ['600 ml chicken stock', 600, 'stock', Role::Liquid],
            ['1½ cups beef broth', 375, 'stock', Role::Liquid],
            ['1/2 bottle dry red wine', 371, 'red-wine', Role::Liquid],
            ['half a bottle of red wine', 371, 'red-wine', Role::Liquid],
            ['2 dl white wine', 198, 'white-wine', Role::Liquid],
            ['3 large onions, sliced', 630, 'onion', Role::Vegetable],
            ['an onion', 150, 'onion', Role::Vegetable],
            ['two sticks of celery', 90, 'celery', Role::Vegetable],
            ['a stick of cinnamon', 4, 'cinnamon-stick', Role::Spice],
            ['4 cloves of garlic', 20, 'garlic', Role::Aromatic],
            ['4 cloves', 0.4, 'whole-clove', Role::Spice],
            ['butter the size of a walnut', null, 'butter', Role::Fat],
            ['a knob of butter', 15, 'butter', Role::Fat],
            ['2 heaped tbsp plain flour', 24.75, 'flour', Role::Thickener],
            ['1 tsp salt', 5.7, 'salt', Role::Salt],
            ['salt', null, 'salt', Role::Salt],
            ['• 3–4 carrots', 280, 'carrot', Role::Vegetable],
            ['juice of a lemon', null, 'lemon-juice', Role::Acid],
            ['500ml stout', 505, 'stout', Role::Liquid],
            ['250 g soaked haricot beans', 250, 'soaked-beans', Role::Pulse],
            ['1 bay leaf', 0.3, 'bay', Role::Herb],
            ['frozen peas – 200 g', 200, 'peas', Role::Vegetable],
        ];
        foreach ($lines as $line) {
            yield $line[0] => $line;
        }
    }

    #[DataProvider('lines')]
    public function testAmountFoodAndRole(string $line, ?float $grams, string $food, Role $role): void
    {
        $read = self::$reader->read($line);

        self::assertSame($food, $read->food->id ?? $read->cut?->id);
        self::assertSame($role, $read->role);
        if (null === $grams) {
            self::assertTrue(null === $read->grams || $read->grams < 60);
        } else {
            self::assertEqualsWithDelta($grams, $read->grams, max(0.05, 0.01 * $grams));
        }
        self::assertSame($line, $read->source);
    }

    public function testWhatIsUnknownStaysUnknown(): void
    {
        $read = self::$reader->read('a handful of gluggles');

        self::assertSame(Role::Unknown, $read->role);
        self::assertSame('gluggles', $read->foodText);
        self::assertLessThan(0.5, $read->confidence);
    }

    public function testACorrectionWinsOverTheReading(): void
    {
        $read = self::$reader->fromParts('a handful of gluggles', 7, '250 g', 'gluggles', Role::Vegetable);

        self::assertSame(
            [250.0, Role::Vegetable, 1.0, 'a handful of gluggles', 7],
            [$read->grams, $read->role, $read->confidence, $read->source, $read->line],
        );
    }

    public function testOnlyWhatIsForServingIsOptional(): void
    {
        self::assertTrue(self::$reader->read('chopped parsley, to serve')->optional);
        self::assertFalse(self::$reader->read('2 carrots')->optional);
    }

    public function testStockOfAnAnimalIsNotMeat(): void
    {
        self::assertSame(Role::Liquid, self::$reader->read('1 litre chicken stock')->role);
        self::assertSame(Role::Fat, self::$reader->read('2 tbsp beef dripping')->role);
    }
}
