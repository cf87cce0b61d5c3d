<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\ProgramChoice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Minutes and order of single pieces of work, of recipes that differ in one word. */
final class WorkMinutesTest extends TestCase
{
    private const TOP = "Test dish\nServes 4\n\n1.2 kg pork shoulder, in 4 cm pieces\n2 onions, sliced\n2 carrots, diced\n"
        ."1 tsp ground cumin\n1 tsp paprika\n"
        ."1 tsp oregano\n1 tsp salt\n1 tbsp oil\n300 ml red wine\n400 ml stock\n2 tbsp cornflour\nFor the slaw\n300 g cabbage\n"
        ."2 tbsp mayonnaise\n\nMethod\n\n";

    /** @return iterable<string, array{string, string, int}> method, work, minutes */
    public static function minutes(): iterable
    {
        $braise = ' Cover and cook at 150 °C for 3 hours.';
        $rows = [
            ['Mix the cumin and paprika. Brown the pork.'.$braise.' Serve.', 'mix', 4],
            ['Mix the cumin, paprika and oregano with the oil. Brown the pork.'.$braise.' Serve.', 'mix', 5],
            ['Brown the pork in three batches. Soften the onions.'.$braise.' Serve.', 'brown-meat', 24],
            ['Brown the pork for 6 minutes. Soften the onions for 9 minutes. Brown the pork again for 4 minutes.'.$braise, 'brown-meat', 6],
            ['Soften the onions for 6 minutes. Stir in the carrots for 2 minutes.'.$braise.' Serve.', 'fry-base', 8],
            ['Add the rempah. Fry in the oil for 9 minutes.'.$braise.' Serve.', 'fry-base', 9],
            ['Brown the pork.'.$braise.' Pork out, 12 minutes under foil. Skim and serve.', 'rest-meat', 12],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('minutes')]
    public function testMinutesOfWork(string $method, string $work, int $minutes): void
    {
        self::assertSame($minutes, self::work($method)[$work]->minutes ?? null);
    }

    public function testBrownedMeatWaitsNoLongerThanItMay(): void
    {
        $in = array_keys(self::work('Brown the pork. Soften the onions for 10 minutes. Cover and cook at 150 °C for 3 hours.'));
        self::assertLessThan(array_search('fry-base', $in, true), array_search('brown-meat', $in, true));

        $long = array_keys(self::work('Brown the pork. Soften the onions for 40 minutes. Pour in the wine and boil it down by half.'
            .' Cover and cook at 150 °C for 3 hours.'));
        self::assertLessThan(array_search('brown-meat', $long, true), array_search('fry-base', $long, true));
        self::assertLessThan(array_search('boil-wine-down', $long, true), array_search('fry-base', $long, true));
    }

    public function testTheOrderOfThePanIsTheRecipes(): void
    {
        $work = array_keys(self::work('Soften the onions for 5 minutes. Brown the pork. Fry the carrots for 4 minutes.'
            .' Cover and cook at 150 °C for 3 hours.'));

        $inThePan = ['fry-base', 'brown-meat', 'fry-base-2'];
        self::assertSame($inThePan, array_values(array_intersect($work, $inThePan)));
    }

    public function testASettingThatTheRecipeGivesComesFirst(): void
    {
        foreach (['low' => ProgramChoice::Low, 'high' => ProgramChoice::High] as $word => $choice) {
            $dish = Recipes::dish(self::TOP."Brown the pork. Everything into the slow cooker, lid on, cook on $word for 6 hours. Serve.");
            self::assertSame($choice, (new AdaptBraise())->adapt(Dishes::order($dish))->chosen->choice, $word);
        }
    }

    /** @return array<string, Chore> by id */
    private static function work(string $method): array
    {
        $chores = (new AdaptBraise())->adapt(Dishes::order(Recipes::dish(self::TOP.$method)))->chosen->work->chores;

        return array_combine(array_map(static fn (Chore $c): string => $c->id, $chores), $chores);
    }
}
