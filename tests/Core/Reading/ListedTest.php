<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a list's lines belong to, and how much of it there is. */
final class ListedTest extends TestCase
{
    private const BRAISED = "Brown the meat. Pour over the stock, cover and simmer for 2 hours.\n";

    /** @return iterable<string, array{string, string, array<string, string>}> list, method, part by food */
    public static function parts(): iterable
    {
        yield 'a line with a heading of its own' => [
            "Soak: 1 litre cold water, 50 g salt\n1 kg venison shoulder\n2 onions, sliced\n400 ml stock\n",
            "Soak the venison in the salt water overnight. Pour it away.\n".self::BRAISED,
            ['water' => 'marinade', 'salt' => 'marinade', 'onion' => 'braise', 'stock' => 'braise'],
        ];
        yield 'a short line that ends "for the marinade" is all for it, and goes with it' => [
            "1 kg boar shoulder\n750 ml red wine, for the marinade\n1 carrot, 1 onion and 1 celery stalk, for the marinade\n"
                ."300 ml stock\n",
            "Lay the boar in the wine and vegetables of the marinade for 24 hours. Drain the meat and throw away the marinade.\n"
                .self::BRAISED,
            ['red-wine' => 'marinade', 'carrot' => 'marinade', 'onion' => 'marinade', 'celery' => 'marinade', 'stock' => 'braise'],
        ];
        yield 'a heading that names the dish is not that of its sauce' => [
            "# Pork Shoulder with Mustard Sauce\n1 kg pork shoulder\n2 carrots, sliced\n400 ml stock\n", self::BRAISED,
            ['carrot' => 'braise', 'stock' => 'braise'],
        ];
        yield 'a line that heads what follows' => [
            "1 kg pork shoulder\n400 ml stock\nFor the pickled onions: 2 red onions, sliced\n100 ml lime juice\n",
            self::BRAISED."Pour the lime juice over the onions and leave for 1 hour.\n",
            ['stock' => 'braise', 'onion' => 'side', 'lime-juice' => 'side'],
        ];
        yield 'the same food once more, for something beside' => [
            "Pork\n1 kg pork shoulder\n100 ml vinegar\n400 ml stock\n\nSlaw\n200 g white cabbage\n1 tbsp vinegar\n",
            "Brown the meat. Pour over the stock and cover. Simmer for 2 hours.\nFor the slaw toss the cabbage with the vinegar.\n",
            ['vinegar' => 'braise', 'stock' => 'braise', 'cabbage' => 'side'],
        ];
        yield 'a sauce of butter, flour and milk' => [
            "1 kg beef silverside\n1 onion\n400 ml stock\n30 g butter\n30 g flour\n300 ml milk\n",
            self::BRAISED."\nMelt the butter, add the flour, cook for 1 minute, stir in the milk and boil for 3 minutes.\n",
            ['butter' => 'sauce', 'flour' => 'sauce', 'milk' => 'sauce', 'stock' => 'braise'],
        ];
        yield 'a pickle that meat lies in' => [
            "1.5 kg beef top round\n\nFor the pickle:\n500 ml red wine vinegar\n500 ml water\n\nFurther:\n400 ml stock\n",
            "Boil up the pickle and let it cool. Lay the meat in for 3 days, then pour it away.\n".self::BRAISED,
            ['vinegar' => 'marinade', 'water' => 'marinade', 'stock' => 'braise'],
        ];
    }

    /** @param array<string, string> $expected */
    #[DataProvider('parts')]
    public function testParts(string $list, string $method, array $expected): void
    {
        $parts = [];
        foreach (self::read($list, $method) as $one) {
            $parts[$one->food->id ?? ''] ??= $one->part->value;
        }
        foreach ($expected as $food => $part) {
            self::assertSame($part, $parts[$food] ?? 'not read', $food);
        }
    }

    public function testWhatOnlySpeaksOfFoodsIsNoLineOfTheList(): void
    {
        $foods = array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, self::read(
            "If the butcher sells only a 5 kg leg, ask him for 3 kg of shoulder.\n1 kg pork shoulder\n2 onions\n400 ml stock\n",
            self::BRAISED,
        ));

        self::assertSame(['pork-shoulder', 'onion', 'stock'], $foods);
    }

    public function testAWeightThatIsSaidBehindTheMeatIsIts(): void
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read(
            'ok so this is how mum does the oxtail you need one oxtail about a kilo and a half cut up by the butcher two onions a couple of'
            .' carrots you flour the meat and fry it in dripping till its brown all over put it in the big pot with half a pint of stock'
            .' lid on and in the oven at 160 for three hours until it falls off the bone', new Problems(),
        );

        self::assertSame('oxtail', $reading?->title);
        self::assertEqualsWithDelta(1500.0, $reading->ingredients[0]->grams, 1.0);
    }

    public function testTheNextEntryOfABookIsAnotherRecipe(): void
    {
        $foods = array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, self::read(
            "1 kg mutton shoulder\n2 onions\n400 ml stock\n",
            self::BRAISED."Lift it out. Serve hot.\n\nSEED CAKE.—½ lb. butter, ½ lb. castor sugar, 10 oz. flour. Bake it.\n",
        ));

        self::assertSame(['mutton-shoulder', 'onion', 'stock'], $foods);
    }

    /** @return iterable<string, array{string, string, float|null, float|null}> line, food or cut, g, mL */
    public static function lines(): iterable
    {
        yield 'held by a can, said behind' => ['1 ginger ale, can (12 fl oz), not diet', 'cola', null, 340.9];
        yield 'stock of one or another animal' => ['300 ml hot chicken or lamb stock', 'stock', null, 300.0];
        yield 'a hock is meat' => ['2 smoked ham hocks, about 1.2 kg each', 'pork-hock', 2400.0, null];
        yield 'told in all' => ['12 chicken pieces: 6 thighs + 6 drumsticks', 'chicken-thigh', null, null];
        yield 'letters that changed places' => ['2 onoins, sliced', 'onion', null, null];
        yield 'as it sounds' => ['3 cloves garlick', 'garlic', null, null];
        yield 'a number of a can is no amount' => ['1 No. 2 can tomatoes', 'tinned-tomatoes', 400.0, null];
        yield 'a number of a can with a sign' => ['2 #303 cans tomatoes', 'tinned-tomatoes', 800.0, null];
        yield 'small biscuits' => ['8 gingersnaps, crushed', 'ginger-biscuits', 64.0, null];
        yield 'a letter left out' => ['1 tsp tyme', 'thyme', null, null];
        yield 'a short one as it sounds' => ['2 tbsp olive oyl', 'olive-oil', null, null];
    }

    #[DataProvider('lines')]
    public function testLines(string $line, string $food, ?float $grams, ?float $millilitres): void
    {
        $read = array_values(array_filter(
            self::read("$line\n400 ml beef stock\n", self::BRAISED), static fn (Ingredient $i): bool => 5 === $i->line,
        ));
        self::assertCount(1, $read);
        self::assertSame($food, $read[0]->food->id ?? $read[0]->cut?->id);
        null === $grams ?: self::assertEqualsWithDelta($grams, $read[0]->grams, 1.0);
        null === $millilitres ?: self::assertEqualsWithDelta($millilitres, $read[0]->millilitres, 1.0);
    }

    /** @return list<Ingredient> */
    private static function read(string $list, string $method): array
    {
        $text = "# A braise\n\nServes 4\nIngredients\n$list\nMethod\n$method";

        return (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems())->ingredients ?? [];
    }

    public function testWhatIsSaidOfThePiecesIsNoFoodAndAWeightBehindACommaIsTheirs(): void
    {
        $reader = new RecipeReader(Larder::load(), Cuts::load());
        $adobo = $reader->read("CHICKEN ADOBO\n12 bone in thighs, 1/2 cup soy sauce, 1/2 cup water\n\nhigh 3 hours.", new Problems());
        $pork = $reader->read(
            "Pulled pork\nPork butt, 5 lb bone in\n1 cup apple juice\n\nEverything into the slow cooker, Low for 10 hours.", new Problems(),
        );

        self::assertSame('chicken-thigh', $adobo?->ingredients[0]->cut?->id);
        self::assertSame('pork-shoulder', $pork?->ingredients[0]->cut?->id);
        self::assertEqualsWithDelta(2268.0, $pork->ingredients[0]->grams, 1.0);
    }

    public function testWhatIsNeededIsAListAlsoInAParagraphAndWhatItHeadsIsApart(): void
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read((string) file_get_contents(
            \dirname(__DIR__).'/Adaptation/recipes/list-in-a-paragraph.txt',
        ), new Problems());
        $of = [];
        foreach ($reading->ingredients ?? [] as $one) {
            $of[$one->part->value] = [...$of[$one->part->value] ?? [], $one->food->id ?? $one->cut?->id];
        }

        self::assertContains('veal-shank', $of['braise'] ?? []);
        self::assertContains('stock', $of['braise'] ?? [], '“veal or chicken stock” is no veal');
        self::assertSame(['lemon-peel', 'garlic', 'parsley'], $of['topping'] ?? []);
        self::assertSame(['risotto-rice', 'shallot', 'stock', 'saffron', 'butter', 'parmesan'], $of['side'] ?? []);
    }
}
