<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Quantity;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Vocabulary;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whose cups and spoons a recipe means. */
final class UnitSystemTest extends TestCase
{
    #[TestWith(["2 cups beef broth\n1 stick of butter\nall-purpose flour", UnitSystem::Us])]
    #[TestWith(['1 quart chicken broth, 3 lbs short ribs', UnitSystem::Us])]
    #[TestWith(['2 tins tomatoes, plain flour, a pint of stock', UnitSystem::British])]
    #[TestWith(['Gas mark 3. Fry the aubergines, add double cream', UnitSystem::British])]
    #[TestWith(["1 red capsicum\n2 cups stock\n500 g gravy beef", UnitSystem::Australian])]
    #[TestWith(['500 g shin, 2 dl cream, 1 l stock', UnitSystem::Metric])]
    #[TestWith(['', UnitSystem::Metric])]
    public function testItIsGuessedFromWordsThatOnlyOneUses(string $text, UnitSystem $system): void
    {
        self::assertSame($system, UnitSystem::guess($text));
    }

    #[TestWith(['1 cup water', UnitSystem::Us, 240.0])]
    #[TestWith(['1 cup water', UnitSystem::Metric, 250.0])]
    #[TestWith(['1 pint water', UnitSystem::Us, 473.0])]
    #[TestWith(['1 pint water', UnitSystem::British, 568.0])]
    #[TestWith(['1 quart water', UnitSystem::Us, 946.0])]
    #[TestWith(['4 tbsp water', UnitSystem::Australian, 80.0])]
    #[TestWith(['4 tbsp water', UnitSystem::British, 60.0])]
    #[TestWith(['1 gill water', UnitSystem::British, 142.0])]
    #[TestWith(['8 fl oz water', UnitSystem::British, 227.28])]
    #[TestWith(['2 dl water', UnitSystem::Us, 200.0])]
    public function testTheSameWordsHoldMoreOrLess(string $line, UnitSystem $system, float $millilitres): void
    {
        $reader = (new IngredientReader(Larder::load(), Cuts::load()))->for($system, new Vocabulary());

        self::assertEqualsWithDelta($millilitres, $reader->read($line)->millilitres, 0.1);
        self::assertSame($system, $reader->system());
    }

    public function testNoUnitIsBothWeighedAndPouredAndEveryContainerIsOneOfThem(): void
    {
        foreach (Unit::cases() as $unit) {
            foreach (UnitSystem::cases() as $system) {
                self::assertFalse(null !== $unit->grams() && null !== $unit->millilitres($system), $unit->value);
            }
        }
        self::assertSame(
            [Unit::Bottle, Unit::Tin, Unit::Jar, Unit::Carton, Unit::Packet],
            array_values(array_filter(Unit::cases(), static fn (Unit $u): bool => $u->isContainer())),
        );
    }

    #[TestWith(['1 stick butter', 113.0])]
    #[TestWith(['1 stick celery', 45.0])]
    #[TestWith(['1 stick cinnamon', 4.0])]
    #[TestWith(['1 bulb garlic', 50.0])]
    #[TestWith(['1 bulb fennel', 250.0])]
    #[TestWith(['1 bunch parsley', 30.0])]
    #[TestWith(['1 bunch carrots', 500.0])]
    #[TestWith(['1 sprig rosemary', 3.0])]
    #[TestWith(['1 pinch salt', 0.4])]
    #[TestWith(['1 tin white beans', 240.0])]
    #[TestWith(['1 tin chopped tomatoes', 400.0])]
    #[TestWith(['1 bottle stout', 505.0])]
    #[TestWith(['1 bottle red wine', 742.5])]
    public function testAUnitMeansWhatItMeansForThisFood(string $line, float $grams): void
    {
        self::assertEqualsWithDelta($grams, (new IngredientReader(Larder::load(), Cuts::load()))->read($line)->grams, 0.01 * $grams);
    }
}
