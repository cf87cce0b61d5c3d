<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\SidesOfDish;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a recipe serves beside its braise becomes the side dish that the table knows, in the recipe's own amounts. */
final class SidesOfDishTest extends TestCase
{
    private const BRAISE = "Plain braise\nServes 4\n\n1.2 kg beef chuck\n400 ml beef stock\n%s\n\nBrown the beef. Add the stock, cover and"
        ." cook in the oven at 150 °C for 3 hours. %s\n";

    /** @return iterable<string, array{string, string, list<string>}> ingredients, end of the method, sides */
    public static function recipes(): iterable
    {
        yield 'mash, in two sentences' => [
            "\nFor the mash:\n1 kg potatoes\n200 ml milk", 'Meanwhile boil the potatoes for 20 minutes. Mash them'
            .' with the milk. Serve the beef on the mash.', ['mash']];
        yield 'served with' => ['', 'Serve with rice and green beans.', ['rice', 'green-beans']];
        yield 'a shape of pasta' => ['400 g rigatoni, to serve', 'Cook the rigatoni and toss with the sauce.', ['pasta']];
        yield 'boiled, since nothing else is said' => ['', 'Serve with potatoes.', ['boiled-potatoes']];
        yield 'roast, and not boiled too' => ['', 'Serve with roast potatoes.', ['roast-potatoes']];
        yield 'nothing known' => ['', 'Serve with pickled walnuts.', []];
    }

    /** @param list<string> $sides */
    #[DataProvider('recipes')]
    public function testTheTableKnowsWhatIsServedWithIt(string $lines, string $end, array $sides): void
    {
        $found = new SidesOfDish(self::dish(\sprintf(self::BRAISE, $lines, $end)), Sides::load());

        self::assertSame($sides, array_map(static fn (Side $s): string => $s->id, $found->all()));
    }

    public function testItsActsAreToldOnceAndItsAmountsAreTheRecipes(): void
    {
        [$lines, $end] = [...self::recipes()]['mash, in two sentences'];
        $dish = self::dish(\sprintf(self::BRAISE, $lines, $end));
        $of = new SidesOfDish($dish, Sides::load());
        $mash = $of->all()[0];
        $beside = array_merge(...array_map(static fn ($part): array => $part->acts, $dish->beside()));
        $work = array_map(static fn (Act $a): string => $a->id, array_filter(
            [...$dish->acts(), ...$beside], static fn (Act $a): bool => ActKind::SideWork === $a->kind,
        ));

        self::assertEqualsCanonicalizing($work, $of->toldBy(['mash']));
        self::assertSame([], $of->toldBy(['rice']), 'a side that isn’t cooked tells nothing');
        $jobs = $mash->jobs(4);
        self::assertEqualsCanonicalizing($work, $jobs[0]->acts);
        self::assertStringContainsString('1 kg potatoes', (string) $jobs[0]->variables['side']);
        self::assertLessThan($jobs[0]->minutes, array_map(static fn (Job $j): int => $j->minutes, Sides::load()->all()[0]->jobs(2))[0]);
    }

    public function testWhatIsDoneToThemInASentenceAboutItIsTheSides(): void
    {
        $dish = self::dish(\sprintf(self::BRAISE, '1 kg potatoes', 'Serve with mashed potato: boil them for twenty minutes, then mash.'));
        $of = new SidesOfDish($dish, Sides::load());

        self::assertSame(['mash'], array_map(static fn (Side $s): string => $s->id, $of->all()));
        self::assertSame([], array_filter(
            array_merge(...array_map(static fn ($part): array => $part->acts, $dish->beside())),
            static fn (Act $a): bool => ActKind::SideWork === $a->kind && !\in_array($a->id, $of->toldBy(['mash']), true),
        ));
    }

    private static function dish(string $text): Dish
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems());
        self::assertNotNull($reading);

        return (new DishReader())->read($reading->ingredients, $reading->steps, $reading->ways);
    }
}
