<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Correction;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\When;
use PHPUnit\Framework\TestCase;

/** What a cook says of a sentence reaches the process: kind, minutes, foods, when. */
final class CorrectionTest extends TestCase
{
    private const TEXT = <<<'TEXT'
        # Shin with barley

        Serves 4

        Ingredients
        1 kg beef shin
        2 onions, sliced
        100 g pearl barley
        2 carrots, sliced
        500 ml stock

        Method
        Brown the beef in a pan for 10 minutes.
        Soften the onions for 8 minutes.
        Add the barley and the carrots.
        Pour over the stock, cover and cook in the oven at 150°C for 3 hours.
        Skim the fat.
        TEXT;

    public function testAsItIsRead(): void
    {
        $dish = self::dish([]);
        self::assertSame(['i3', 'i4'], self::act($dish, 's3')->foods);
        self::assertSame(Timing::Before, self::act($dish, 's3')->when->timing);
    }

    public function testGoesInBeforeTheEnd(): void
    {
        $dish = self::dish(['s3' => new Correction(when: When::beforeEnd(Minutes::exactly(90)))]);
        $act = self::act($dish, 's3');
        self::assertSame(Timing::BeforeEnd, $act->when->timing);
        self::assertSame(90.0, $act->when->offset?->low);
        self::assertGreaterThan(self::place($dish, ActKind::Cook), array_search($act, $dish->acts(), true));
    }

    public function testDoneBeforeThePotIsOn(): void
    {
        $dish = self::dish(['s5' => new Correction(when: When::before())]);
        self::assertLessThan(self::place($dish, ActKind::Cook), array_search(self::act($dish, 's5'), $dish->acts(), true));
        $evening = self::dish(['s2' => new Correction(when: When::eveningBefore())]);
        self::assertSame(Timing::EveningBefore, self::act($evening, 's2')->when->timing);
        self::assertSame('s2', $evening->acts()[0]->step());
    }

    public function testTheCookingItselfStays(): void
    {
        $dish = self::dish(['s4' => new Correction(when: When::atTheEnd())]);
        self::assertSame(Timing::Before, $dish->acts()[self::place($dish, ActKind::Cook)]->when->timing);
    }

    public function testTakesWhatIsSaid(): void
    {
        $dish = self::dish(['s3' => new Correction(foods: ['i3', 'i2'])]);
        self::assertSame(['i3', 'i2'], self::act($dish, 's3')->foods);
        self::assertSame([], self::act(self::dish(['s3' => new Correction(foods: [])]), 's3')->foods);
    }

    public function testWhatIsNewGoesToTheActThatTakesSomething(): void
    {
        $dish = self::dish(['s4' => new Correction(foods: ['i5', 'i4'])]);
        $taken = array_map(static fn (Act $a): array => $a->foods, array_values(array_filter(
            $dish->acts(), static fn (Act $a): bool => 's4' === $a->step() && [] !== $a->foods,
        )));
        self::assertSame(['i5', 'i4'], $taken[0]);
    }

    /** @param array<string, Correction> $corrections */
    private static function dish(array $corrections): Dish
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read(self::TEXT, new Problems());
        self::assertNotNull($reading);
        $steps = array_map(static fn (Step $s, int $k): Step => $s->identified('s'.($k + 1)), $reading->steps, array_keys($reading->steps));

        return (new DishReader())->read($reading->ingredients, $steps, $reading->ways, $corrections);
    }

    private static function act(Dish $dish, string $step): Act
    {
        foreach ($dish->acts() as $act) {
            if ($step === $act->step()) {
                return $act;
            }
        }
        self::fail("Nothing is done in $step.");
    }

    private static function place(Dish $dish, ActKind $kind): int
    {
        $place = array_search($kind, array_map(static fn (Act $a): ActKind => $a->kind, $dish->acts()), true);
        self::assertIsInt($place);

        return $place;
    }
}
