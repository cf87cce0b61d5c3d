<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Vocabulary;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Safety\Rules;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Beans that nobody calls tinned, jarred or cooked are raw; and no remembered word makes them anything else. */
final class RawPulsesTest extends TestCase
{
    #[TestWith(['300 g kidney beans, soaked overnight', true, false])]
    #[TestWith(['1 lb dry red kidney beans', true, false])]
    #[TestWith(['200 g raw haricot beans', true, false])]
    #[TestWith(['2 cups uncooked navy beans', true, false])]
    #[TestWith(['250 g pinto beans, picked over', true, false])]
    #[TestWith(['1 cup lima beans', true, true])]
    #[TestWith(['250 g black turtle beans', true, true])]
    #[TestWith(['200 g flageolet', true, true])]
    #[TestWith(['1 cup rajma', true, true])]
    #[TestWith(['400 g cannellini, rinsed and drained', true, true])]
    #[TestWith(['a bag of beans', true, true])]
    #[TestWith(['fresh borlotti beans, shelled 300 g', true, false])]
    #[TestWith(['100 g dried runner beans', true, false])]
    #[TestWith(['2 tins dried beans', true, false])]
    #[TestWith(['200 g soya beans', true, true])]
    #[TestWith(['300 g runner beans, sliced', false, false])]
    #[TestWith(['200 g French beans', false, false])]
    #[TestWith(['300 g green beans, uncooked', false, false])]
    #[TestWith(['1 x 400 g tin cannellini beans', false, false])]
    #[TestWith(['2 cans kidney beans, drained', false, false])]
    #[TestWith(['700 g jarred butter beans', false, false])]
    #[TestWith(['240 g cooked kidney beans', false, false])]
    #[TestWith(['1 cup beans (canned)', false, false])]
    #[TestWith(['200 g runner bean seeds', true, false])]
    #[TestWith(['150 g lupins', true, true])]
    #[TestWith(['300 g kidney beans (not tinned)', true, false])]
    #[TestWith(['2 tbsp soya paste', false, false])]
    #[TestWith(['1 tin lupins', false, false])]
    #[TestWith(['2 tbsp black bean sauce', false, false])]
    #[TestWith(['1 vanilla bean', false, false])]
    #[TestWith(['1 tbsp coffee beans', false, false])]
    #[TestWith(['100 g bean sprouts', false, false])]
    public function testRawUnlessSaidToBeCooked(string $line, bool $raw, bool $asked): void
    {
        $read = (new IngredientReader(Larder::load(), Cuts::load()))->read($line);

        self::assertSame($raw, true === $read->food?->phaseolus, $read->food->id ?? 'nothing');
        self::assertSame($asked, \in_array(Doubt::RawOrCooked, $read->doubts, true));
        self::assertTrue(!$asked || $read->confidence < 0.9);
    }

    #[TestWith(['', true])]
    #[TestWith(['carrots', false])]
    #[TestWith(['tinned kidney beans', false])]
    public function testWhatTheHouseRemembersHidesNone(string $food, bool $ignored): void
    {
        $vocabulary = new Vocabulary([
            'dried kidney beans' => ['food' => $food, 'role' => null, 'ignored' => $ignored],
            'kidney beans' => ['food' => $food, 'role' => null, 'ignored' => $ignored],
        ]);
        $reader = (new IngredientReader(Larder::load(), Cuts::load()))->for(UnitSystem::Metric, $vocabulary);

        foreach (['250 g dried kidney beans', '300 g kidney beans, soaked overnight'] as $line) {
            $read = $reader->read($line);
            self::assertTrue($read->food?->phaseolus, $line);
            self::assertNotContains(Doubt::NotAFood, $read->doubts);
            self::assertContains(Doubt::NotAsRemembered, $read->doubts);
        }
        self::assertFalse($reader->read('1 tin kidney beans')->food?->phaseolus);
    }

    public function testACorrectionOfTheLineIsNamedStill(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $made = $reader->fromParts('250 g dried kidney beans', 1, '250 g', 'carrots', Role::Vegetable);
        $tinned = $reader->fromParts('250 g kidney beans', 1, '250 g', 'tinned kidney beans', null);

        self::assertSame(['boil-beans'], array_column(Rules::pulses([$made], []), 'rule'));
        self::assertSame([], Rules::pulses([$tinned], []));
        self::assertSame(
            ['boil-beans'], array_column(Rules::pulses([], [$reader->read('250 g dried kidney beans')]), 'rule'), 'marked as no ingredient',
        );
        self::assertSame(['boil-beans'], array_column(Rules::pulses([$reader->read('250 g dried kidney beans, optional')], []), 'rule'));
        self::assertSame(['soak-pulses'], array_column(Rules::pulses([$reader->read('300 g dried chickpeas')], []), 'rule'));
    }

    #[TestWith(['1.5 kg frozen pork shoulder', true])]
    #[TestWith(['2 kg beef chuck, straight from the freezer', true])]
    #[TestWith(['2 kg beef, not yet defrosted', true])]
    #[TestWith(['2 kg beef, half thawed', true])]
    #[TestWith(['2 kg beef chuck, unthawed', true])]
    #[TestWith(['2 kg pork shoulder, thawed if frozen', false])]
    #[TestWith(['200 g frozen peas', false])]
    public function testFrozenMeatIsRead(string $line, bool $frozen): void
    {
        self::assertSame(
            $frozen, \in_array(Doubt::Frozen, (new IngredientReader(Larder::load(), Cuts::load()))->read($line)->doubts, true),
        );
    }
}
