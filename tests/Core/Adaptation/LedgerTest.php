<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every change can be refused or set otherwise, and the rest is worked out anew. */
final class LedgerTest extends TestCase
{
    private const RECIPE = <<<'TEXT'
        Chuck with wine and peas
        Serves 4

        1.3 kg beef chuck
        2 onions
        4 cloves garlic
        250 ml red wine
        1.2 l beef stock
        200 g dried haricot beans
        8 tsp salt
        200 g frozen peas
        100 ml cream
        250 g egg noodles
        2 bay leaves

        Heat the oven to 150 °C.
        Sear the beef to seal in the juices.
        Fry the onions and garlic for 10 minutes.
        Put everything in a casserole, cover and cook in the oven for 4 hours.
        Turn the meat halfway.
        Simmer uncovered for 15 minutes to reduce the sauce.
        Thicken with a little cornflour.
        Serve with the noodles.
        TEXT;

    public function testActsStayChangeGoOrAreAdded(): void
    {
        $braise = self::adapt();
        $fates = array_map(
            static fn (Deed $d): string => trim($d->fate->value.' '.('' === $d->code ? $d->act->kind->value : $d->code)),
            $braise->chosen->process->remaining(),
        );

        self::assertSame([
            'added soak-beans', 'added cut-vegetables', 'added dry-meat', 'changed brown-for-flavour', 'added beans-first',
            'changed garlic-last', 'added boil-down', 'stays all-but',
            'changed cook-on-setting', 'added fork-test', 'added add-for-the-last', 'added take-out',
            'added skim', 'changed thicken-on-hob',
            'added stir-in-late', 'stays serve', 'added portion', 'added into-fridge',
        ], $fates);
    }

    public function testARefusedActStaysAsWrittenButWhatIsForSafetyCannotBeRefused(): void
    {
        $keys = array_map(static fn (Deed $d): string => $d->key, self::adapt()->chosen->process->deeds);
        $refusable = array_values(array_unique(array_filter($keys, static fn (string $key): bool => '' !== $key)));
        $braise = self::adapt(new LedgerChoices($refusable));

        self::assertContains('boil:i4', $refusable);
        foreach ($braise->chosen->process->deeds as $deed) {
            self::assertTrue(
                '' === $deed->key || $deed->refused || !$deed->remains() || !\in_array($deed->key, $refusable, true), $deed->code,
            );
        }
        self::assertTrue(self::deed($braise, 'beans-first')->remains());
        self::assertTrue(self::deed($braise, 'oven-not-needed')->asWritten());
        self::assertFalse(self::deed($braise, 'take-out')->remains());
    }

    public function testARefusedCutPoursItAllAndTheSauceGrows(): void
    {
        $as = self::adapt();
        $refused = self::adapt(new LedgerChoices(['liquid:i5']));
        $entry = self::entry($refused, 'liquid-fixed');

        self::assertTrue($entry->refused);
        self::assertEqualsWithDelta(1200, $entry->variables['isMl'], 0.01);
        self::assertGreaterThan($as->chosen->sauce->load + 100, $refused->chosen->sauce->load);
        self::assertGreaterThan($as->chosen->filling->levels[0], $refused->chosen->filling->levels[0]);
        self::assertGreaterThan($as->chosen->sauce->reduce, $refused->chosen->sauce->reduce);
    }

    public function testALiquidSetOtherwiseIsPouredSo(): void
    {
        $braise = self::adapt(new LedgerChoices(['add-liquid'], ['liquid:i5' => 450.0]));
        $entry = self::entry($braise, 'liquid-fixed');

        self::assertSame([450.0, false], [$entry->amount, $entry->refused]);
        self::assertEqualsWithDelta(450 + 125, $braise->chosen->sauce->load, 0.01);
    }

    public function testRefusingSaltReductionThickenerAndBoilingDownEachChangesItsNumber(): void
    {
        $as = self::adapt(level: LevelSchool::NearlyCovered);
        self::assertGreaterThan(0.5, $as->chosen->salt->holdBackGrams);
        self::assertGreaterThan(0, $as->chosen->sauce->reduce);
        self::assertGreaterThan(1, $as->chosen->slurry->grams);

        $salt = self::adapt(new LedgerChoices(['hold-salt']), LevelSchool::NearlyCovered);
        self::assertSame([0.0, true], [$salt->chosen->salt->holdBackGrams, self::entry($salt, 'hold-salt')->refused]);

        $thin = self::adapt(new LedgerChoices(['reduce']), LevelSchool::NearlyCovered);
        self::assertSame(0.0, $thin->chosen->sauce->reduce);
        self::assertGreaterThan($as->chosen->slurry->grams, $thin->chosen->slurry->grams, 'more sauce is left to thicken');
        self::assertLessThan($as->chosen->work->finish()->total, $thin->chosen->work->finish()->total);

        $unthickened = self::adapt(new LedgerChoices(['thicken']));
        self::assertSame(0.0, $unthickened->chosen->slurry->grams);
        self::assertTrue(self::entry($unthickened, 'thicken')->refused);

        $raw = self::adapt(new LedgerChoices(['boil:i4']));
        self::assertTrue(self::entry($raw, 'liquid-boiled-down')->refused);
        foreach ($raw->chosen->sauce->changes as $change) {
            self::assertTrue(LiquidFate::Late === $change->fate || $change->poured === $change->loaded);
        }
    }

    public function testWithoutTheRecipesOwnTimeTheCutSpeaksAlone(): void
    {
        $as = self::adapt();
        $without = self::adapt(new LedgerChoices([BraiseOrder::NEED_KEY]));

        self::assertNotSame($as->order->meat->joint->needHours, $without->order->meat->joint->needHours);
        self::assertEqualsWithDelta(3.6, $without->order->meat->joint->needHours, 1e-9);
        self::assertTrue(self::entry($without, 'need-from-recipe')->refused);
    }

    public function testWhatIsRefusedIsTheOnlyThingMarkedSo(): void
    {
        $ledger = self::adapt(new LedgerChoices(['late:i8']))->chosen->process->entries;
        foreach ($ledger as $entry) {
            self::assertSame('late:i8' === $entry->key, $entry->refused, $entry->code);
        }

        self::assertCount(1, array_filter($ledger, static fn (LedgerEntry $entry): bool => $entry->refused));
    }

    private static function adapt(LedgerChoices $choices = new LedgerChoices(), LevelSchool $level = LevelSchool::OwnJuices): AdaptedBraise
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read(self::RECIPE, new Problems());
        self::assertNotNull($reading);
        $zone = new \DateTimeZone('Europe/Vienna');

        return (new AdaptBraise())->adapt((new BraiseOrder(
            new OrderedRecipe(
                $reading->ingredients, 4, $reading->original, false,
                (new DishReader())->read($reading->ingredients, $reading->steps, $reading->ways),
            ),
            new OrderedMeat(Cooks::joint('beef-chuck', 1.3), Mass::kilograms(0)),
            new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 640),
            new \DateTimeImmutable('2026-11-26 06:00', $zone),
            new \DateTimeImmutable('2026-11-26 20:00', $zone),
            new Kitchen(),
            wishes: new Wishes(level: $level),
            choices: $choices,
        ))->informedByRecipe());
    }

    private static function entry(AdaptedBraise $braise, string $code): LedgerEntry
    {
        foreach ($braise->chosen->process->entries as $entry) {
            if ($code === $entry->code) {
                return $entry;
            }
        }
        self::fail("No $code in ".implode(
            ', ', array_map(static fn (LedgerEntry $e): string => $e->code, $braise->chosen->process->entries),
        ));
    }

    private static function deed(AdaptedBraise $braise, string $code): Deed
    {
        foreach ($braise->chosen->process->deeds as $deed) {
            if ($code === $deed->code) {
                return $deed;
            }
        }
        self::fail("Nothing done for $code.");
    }

    #[TestWith(['', null])]
    #[TestWith([', in 1 cm dice', 'cut-bigger', 8.7])]
    #[TestWith([', in 5 cm chunks', null])]
    #[TestWith([', in 7 cm chunks', 'still-hard', 0.8])]
    public function testTheSizeThatTheRecipeGivesCounts(string $size, ?string $code, float $times = 0.0): void
    {
        $entries = (new AdaptBraise())->adapt(Dishes::order(Recipes::dish(
            "Beef stew\nServes 4\n\n1.2 kg beef shin\n400 g swede$size\n500 ml beef stock\n1 tsp salt\n\n"
                .'Put everything into the slow cooker and cook on low for 8 hours.',
        )))->chosen->process->entries;
        $late = array_values(array_filter($entries, static fn (LedgerEntry $e): bool => 'late:i2' === $e->key));

        self::assertSame(null === $code ? [] : [$code], array_map(static fn (LedgerEntry $e): string => $e->code, $late));
        null === $code || self::assertEqualsWithDelta($times, $late[0]->variables['times'], 0.06);
    }
}
