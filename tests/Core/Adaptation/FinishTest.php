<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Tenderness\Doneness;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The finish is the recipe's own chain; one body is exchanged for another, and nothing is lost on the way. */
final class FinishTest extends TestCase
{
    #[DataProviderExternal(Dishes::class, 'names')]
    public function testLiquidSaltAndStarchAreConservedThroughEveryChain(string $name): void
    {
        foreach (self::wishes($name) as $case => $wishes) {
            $one = self::finished($name, $wishes)->chosen;
            $sauce = $one->sauce;
            $given = array_sum(array_map(static fn (Term $t): float => $t->value, $sauce->atEnd->terms));
            $kept = $one->salt->percentBefore * $one->salt->potGrams;

            self::assertEqualsWithDelta($sauce->atEnd->total, $given, 0.01, "$name $case: liquid");
            self::assertTrue(
                $sauce->reduce + $sauce->tooSalty < 0.01
                || abs($sauce->atEnd->total - $sauce->reduce - $sauce->tooSalty - $sauce->target) < 0.01, "$name $case: boiled off",
            );
            self::assertEqualsWithDelta(
                $kept / $one->salt->potGrams * $sauce->atEnd->total, $one->salt->percentAfter * $sauce->left(), 1e-6 * max(1.0, $kept),
                "$name $case: the sauce's salt",
            );
            $most = 1.4 + 0.01 + 100 * $one->salt->holdBackGrams / $one->salt->potGrams * $sauce->atEnd->total / max(1.0, $sauce->left());
            self::assertTrue($sauce->reduce < 0.01 || $one->salt->percentAfter <= $most, "$name $case: never too salty");
            self::assertEqualsWithDelta(
                $one->slurry->grams, array_sum(array_map(static fn (Term $t): float => $t->value, $one->slurry->sum->terms)), 1e-9,
                "$name $case: starch",
            );
            $finish = array_sum(array_map(
                static fn (Chore $c): float => $c->term->value ?? 0.0, $one->work->in(Stage::Finish, Stage::Table),
            ));
            self::assertEqualsWithDelta($finish, $one->work->finish()->total, 1e-9, "$name $case: minutes");
        }
    }

    public function testOneBodyIsExchangedForAnother(): void
    {
        $thin = self::with(Thickness::Stock, ThickenedBy::Starch);
        $starch = self::with(Thickness::Gravy, ThickenedBy::Starch);
        $kneaded = self::with(Thickness::Gravy, ThickenedBy::FlourAndButter);
        $boiled = self::with(Thickness::Gravy, ThickenedBy::BoilingDown);
        $blended = self::with(Thickness::Gravy, ThickenedBy::Blending);

        self::assertSame([0.0, 0.0], [$thin->chosen->slurry->grams, $boiled->chosen->slurry->grams]);
        self::assertSame(
            [Thickener::CornStarch, Thickener::Flour], [$starch->chosen->slurry->thickener, $kneaded->chosen->slurry->thickener],
        );
        [$corn, $flour] = [$starch->chosen->slurry->grams, $kneaded->chosen->slurry->grams];
        self::assertEqualsWithDelta(2 * $corn * (1 - 2 * 0.03) / (1 - 2 * 0.06), $flour, 0.01, 'twice, and its own liquid');
        self::assertGreaterThan($thin->chosen->sauce->reduce + 100, $boiled->chosen->sauce->reduce);
        self::assertGreaterThan($thin->chosen->salt->percentAfter, $boiled->chosen->salt->percentAfter, 'boiling down makes it saltier');
        self::assertGreaterThan($starch->chosen->work->finish()->total, $boiled->chosen->work->finish()->total, 'and takes longer');
        self::assertTrue($blended->chosen->process->does(Stage::Finish, ActKind::Blend));
        self::assertFalse($blended->chosen->process->does(Stage::Finish, ActKind::Slurry, ActKind::ButterAndStarch));
        self::assertContains(
            'blend-instead', array_map(static fn (LedgerEntry $e): string => $e->code, $blended->chosen->process->entries),
        );
    }

    public function testTheRecipesOwnStarchIsTheThickening(): void
    {
        $own = Dishes::adapted('plain-chuck');
        $starch = array_values(array_filter($own->order->recipe->ingredients, static fn ($i): bool => 'i7' === $i->key()))[0];

        self::assertEqualsWithDelta((float) $starch->grams, $own->chosen->slurry->grams, 0.1 * (float) $starch->grams);
        self::assertNotContains(
            'thicken', array_map(static fn (LedgerEntry $e): string => $e->code, $own->chosen->process->entries), 'as written is no change',
        );
        self::assertTrue(($own->chosen->process->first(Stage::Finish, ActKind::Slurry) ?? self::fail('No starch.'))->asWritten());
    }

    public function testWhatTheRecipeBoilsOffItsSauceIsBoiledOff(): void
    {
        $hard = Dishes::adapted('reduced-hard')->chosen;

        self::assertEqualsWithDelta($hard->sauce->atEnd->total / 3, $hard->sauce->target, 40.0, 'by two thirds');
        self::assertTrue($hard->process->does(Stage::Finish, ActKind::Reduce));
        self::assertSame(
            40.0, array_values(array_filter($hard->sauce->changes, static fn ($c): bool => 'i3' === $c->ingredient?->key()))[0]->loaded,
            'its port to a syrup',
        );
    }

    public function testALidThatComesOffIsWorkedOutAndItsSteamLeavesOnTheHob(): void
    {
        $process = Dishes::adapted('lid-off-last-hour')->chosen->process;
        $entry = array_values(array_filter($process->entries, static fn (LedgerEntry $e): bool => 'step-lid-off' === $e->code))[0];

        self::assertSame(60.0, (float) $entry->variables['minutes']);
        self::assertGreaterThan(50.0, $entry->variables['awayMl']);
        self::assertLessThan(95.0, $entry->variables['celsius']);
        self::assertFalse($process->does(Stage::During, ActKind::LidOff));
        self::assertTrue($process->does(Stage::Finish, ActKind::Reduce));
    }

    public function testWhatComesOutDoesSoBeforeItIsBlendedOrShredded(): void
    {
        foreach (['blended-sauce' => ActKind::Blend, 'beans-and-hock' => ActKind::Mash] as $name => $kind) {
            $kinds = array_map(static fn (Deed $d): ActKind => $d->act->kind, Dishes::adapted($name)->chosen->process->in(Stage::Finish));
            self::assertLessThan(array_search($kind, $kinds, true), array_search(ActKind::TakeOut, $kinds, true), $name);
        }
    }

    /** @return iterable<string, Wishes> */
    private static function wishes(string $name): iterable
    {
        $texture = Dishes::named($name)->pulls() ? Doneness::Pulls : Doneness::Fork;
        yield 'as the recipe' => new Wishes(texture: $texture, thickness: null);
        yield 'covered' => new Wishes(LevelSchool::Covered, $texture, null);
        foreach (ThickenedBy::cases() as $by) {
            yield $by->value => new Wishes(texture: $texture, thickness: Thickness::CoatsSpoon, by: $by);
        }
    }

    private static function with(Thickness $thickness, ThickenedBy $by): AdaptedBraise
    {
        return self::finished('stew-carrots-late', new Wishes(thickness: $thickness, by: $by));
    }

    private static function finished(string $name, Wishes $wishes): AdaptedBraise
    {
        $order = Dishes::order(Dishes::named($name));

        return (new AdaptBraise())->adapt(new BraiseOrder(
            $order->recipe, $order->meat, $order->cooker, $order->room, $order->now, $order->serveAt, $order->kitchen, $wishes,
            $order->choices, $order->handling,
        ));
    }
}
