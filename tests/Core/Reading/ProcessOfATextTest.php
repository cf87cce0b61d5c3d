<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a method's sentences come to: kinds of acts, parts of the dish, what goes in late, the finish. */
final class ProcessOfATextTest extends TestCase
{
    private const LIST = "Test dish\nServes 4\n\n1.2 kg pork shoulder\n2 onions\n300 g carrots\n200 ml red wine\n400 ml stock\n"
        ."1 tbsp brown sugar\n2 tbsp cornflour\n300 ml water\n"
        ."1 tsp ground black pepper\n150 g frozen peas\n1 lemon\n\nMethod\n\nDry the pork well. ";

    /** @return iterable<string, array{string, list<string>}> method, kinds of its acts */
    public static function kinds(): iterable
    {
        $rows = [
            ['Reduce the heat. Add the brown sugar. Cook covered for 3 hours.', ['other', 'load', 'cook']],
            ['Fry the onions until they are patchy brown and crisp. Cook covered for 3 hours.', ['fry-base', 'cook']],
            ['Put the pork in the fridge for 24 hours, covered. Brown it. Cook in the oven for 3 hours.', ['marinate', 'brown', 'cook']],
            ['Onions on the bottom, pork on top. Cook on low for 8 hours.', ['load', 'cook']],
            ['Fry the onions. Cook on low for 8 hours. STEP 4. Serve.', ['fry-base', 'cook', 'other', 'serve']],
            [
                'Put the pork in a pan of cold water, bring to the boil and boil for 5 minutes. Drain. Cook covered for 3 hours.',
                ['blanch', 'prepare', 'cook'],
            ],
            ['Cook covered for 3 hours. Meat out, 15 minutes under foil. Serve.', ['cook', 'lift', 'rest', 'serve']],
            [
                'Cook covered for 3 hours. Whisk the cornflour with water, stir it in and cook for 10 minutes.',
                ['cook', 'slurry', 'slurry', 'slurry'],
            ],
            ['Cook covered for 3 hours. Turn the heat right down.', ['cook', 'other']],
            ['Cook covered for 3 hours. Chill overnight. Lift off the fat.', ['cook', 'rest', 'skim']],
            ['Lay the pork fat side down in a cold pan and let the fat run out. Cook covered for 3 hours.', ['load', 'brown', 'cook']],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param list<string> $kinds */
    #[DataProvider('kinds')]
    public function testKindsOfActs(string $method, array $kinds): void
    {
        self::assertSame(['dry', ...$kinds], array_map(static fn (Act $a): string => $a->kind->value, self::read($method)->acts));
    }

    /** @return iterable<string, array{string, array<string, float|null>}> method, minutes before the end by food */
    public static function late(): iterable
    {
        $rows = [
            ['Cook covered for 3 hours. Peas in for the last ten.', ['frozen peas' => 10.0]],
            ['Cook covered for 3 hours, adding the carrots for the last 45 minutes.', ['carrots' => 45.0]],
            ['Cook covered for 3 hours. When there are 30 minutes left, scatter in the peas.', ['frozen peas' => 30.0]],
            ['Cook covered for 2 hours. Add the carrots and cook for another hour.', ['carrots' => 60.0]],
            ['Cook covered for 2 hours. Add the carrots. Simmer with the lid off for 20 minutes until thick.', ['carrots' => 20.0]],
            ['Cook covered for 2 hours. Now the carrots. Lid back on, another half an hour.', ['carrots' => 30.0]],
            ['Add the carrots. Cook covered for 3 hours.', ['carrots' => null]],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param array<string, float|null> $late */
    #[DataProvider('late')]
    public function testWhatGoesInLate(string $method, array $late): void
    {
        $reading = self::read($method);
        foreach ($late as $food => $minutes) {
            self::assertSame($minutes, $reading->structure?->late[self::place($reading, $food)]?->middle(), $food);
        }
    }

    /** @return iterable<string, array{string, string, string}> method, food, part */
    public static function parts(): iterable
    {
        $rows = [
            ['Cook covered for 3 hours. Scatter the peas over and serve.', 'frozen peas', 'topping'],
            ['Cook covered for 3 hours. Scatter the peas over and cook for 10 minutes more.', 'frozen peas', 'braise'],
            ['Soak the pork overnight in the wine and water. Throw the wine away. Cook covered for 3 hours.', 'red wine', 'marinade'],
            ['Soak the pork in cold water for an hour. Cook covered for 3 hours.', 'water', 'braise'],
            ['Cook covered for 3 hours. Next day fry the carrots in a pan with what is left.', 'carrots', 'second-meal'],
            ['Cook covered for 3 hours. Meanwhile boil the carrots for 10 minutes and mash them.', 'carrots', 'side'],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('parts')]
    public function testWhichPartAFoodIsOf(string $method, string $food, string $part): void
    {
        $reading = self::read($method);

        self::assertSame($part, $reading->ingredients[self::place($reading, $food)]->part->value);
    }

    /** @return iterable<string, array{string, list<string>}> method, finish */
    public static function finishes(): iterable
    {
        $rows = [
            ['Cook covered for 3 hours. Take off the lid for 30 minutes so that the skin crisps.', []],
            ['Cook covered for 3 hours. Take off the lid for 30 minutes until the sauce is thick.', ['reduce']],
            ['Cook covered for 3 hours. Lift out the pork. If the sauce is thin, boil it down.', ['lift']],
            ['Cook covered for 3 hours. Put the pork under the grill for 5 minutes, skin side up.', ['crisp']],
            ['Cook covered for 3 hours. Pork out, and boil the sauce by half. Pork back in.', ['lift', 'reduce', 'back-into-the-juice']],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param list<string> $finish */
    #[DataProvider('finishes')]
    public function testTheFinish(string $method, array $finish): void
    {
        self::assertSame($finish, array_map(static fn (Act $a): string => $a->kind->value, self::read($method)->structure->finish ?? []));
    }

    /** @return iterable<string, array{string, string}> method, words of the braise itself */
    public static function braises(): iterable
    {
        $rows = [
            ['Roast for 25 minutes until it has taken colour. Cover and cook for 3 hours.', 'cook for 3 hours'],
            ['Leave in the fridge for 24 hours. Cover and cook for 3 hours.', 'cook for 3 hours'],
            ['Simmer the tomatoes for 30 minutes. Add the pork, cover and cook for 3 hours.', 'cook for 3 hours'],
            ['Cover and cook for 1 hour. Turn it and cook for 2 hours more.', 'cook for 1 hour'],
            ['Onions into the pan, 45 minutes until brown as jam. Cover and simmer for 2 hours.', 'simmer for 2 hours'],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('braises')]
    public function testWhichCookingIsTheBraise(string $method, string $words): void
    {
        $acts = self::read($method)->acts;

        self::assertStringContainsString($words, $acts[MethodReader::cookPlace($acts) ?? 99]->words);
    }

    private static function read(string $method): Reading
    {
        return (new RecipeReader(Larder::load(), Cuts::load()))->read(self::LIST.$method, new Problems())
            ?? throw new \LogicException('Not read.');
    }

    private static function place(Reading $reading, string $food): int
    {
        $found = array_search($food, array_map(static fn (Ingredient $i): string => $i->foodText, $reading->ingredients), true);

        return \is_int($found) ? $found : throw new \LogicException("No $food.");
    }
}
