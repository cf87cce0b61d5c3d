<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Explain\Column;
use Pausis\Core\Adaptation\Explain\ReadableRecipe;
use Pausis\Core\Adaptation\Explain\RecipeLine;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Of every dish: nothing of it is lost on the page that is read and printed, and nothing told twice. */
final class ReadableRecipeTest extends TestCase
{
    #[DataProviderExternal(Dishes::class, 'names')]
    public function testEveryFoodChangeAndCautionStandsOnce(string $name): void
    {
        $braise = Dishes::adapted($name);
        $lines = ReadableRecipe::of($braise)->lines;
        $foods = array_merge(...array_map(static fn (RecipeLine $l): array => $l->foods, $lines));

        self::assertEqualsCanonicalizing(
            array_map(static fn (Ingredient $i): string => $i->key(), $braise->order->recipe->ingredients),
            array_map(static fn (Ingredient $i): string => $i->key(), $foods),
        );
        self::assertSameOnce($braise->chosen->process->entries, array_map(static fn (RecipeLine $l): array => $l->changes, $lines));
        self::assertSameOnce($braise->findings, array_map(static fn (RecipeLine $l): array => $l->findings, $lines));
    }

    #[DataProviderExternal(Dishes::class, 'names')]
    public function testItsColumnsFollowTheDayAndAllThatIsDoneIsInIt(string $name): void
    {
        $braise = Dishes::adapted($name);
        $lines = ReadableRecipe::of($braise)->lines;
        $done = array_map(static fn ($d): string => $d->act->id, $braise->chosen->process->remaining());
        $told = array_merge(...array_map(
            static fn (RecipeLine $l): array => $l->step->acts, array_values(array_filter($lines, static fn ($l): bool => !$l->isGone)),
        ));

        self::assertEqualsCanonicalizing($done, $told);
        self::assertContains(Column::InThePot, array_map(static fn (RecipeLine $l): Column => $l->column, $lines));
    }

    public function testAChangeStandsAtTheLineThatItIsAboutAndALostSentenceWhereItStood(): void
    {
        $lines = ReadableRecipe::of(self::withOven())->lines;
        $gone = array_values(array_filter($lines, static fn (RecipeLine $l): bool => $l->isGone));

        self::assertNotSame([], $gone);
        self::assertStringContainsStringIgnoringCase('oven', $gone[0]->step->words);
        self::assertSame(['step-oven-not-needed'], array_map(static fn (LedgerEntry $e): string => $e->code, $gone[0]->changes));
        self::assertSame(Column::Before, $gone[0]->column);
    }

    private static function withOven(): AdaptedBraise
    {
        foreach (Dishes::names() as [$name]) {
            $braise = Dishes::adapted($name);
            foreach ($braise->chosen->process->entries as $entry) {
                if ('step-oven-not-needed' === $entry->code && 'oven' === $braise->order->recipe->original?->method->value) {
                    return $braise;
                }
            }
        }
        self::fail('No dish heats its oven.');
    }

    /**
     * @param list<LedgerEntry>|list<Finding>       $all
     * @param list<list<LedgerEntry>|list<Finding>> $placed
     */
    private static function assertSameOnce(array $all, array $placed): void
    {
        $ids = array_map(spl_object_id(...), array_merge(...$placed));
        self::assertEqualsCanonicalizing(array_map(spl_object_id(...), $all), $ids);
    }
}
