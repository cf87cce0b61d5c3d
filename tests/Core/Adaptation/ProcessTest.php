<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Explain\AdaptedMethod;
use Pausis\Core\Adaptation\Explain\PrintedStep;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Part;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\When;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** One story: what is done is in the print, the work and the day, once, in one order, and nothing else is. */
final class ProcessTest extends TestCase
{
    public function testTheDishesKnowEveryKindOfActPartWayAndTime(): void
    {
        $kinds = $parts = $methods = $times = [];
        foreach (Dishes::names() as [$name]) {
            $dish = Dishes::named($name);
            foreach ($dish->parts as $part) {
                $parts[$part->kind->value] = true;
                foreach ($part->acts as $act) {
                    $kinds[$act->kind->value] = true;
                    $times[$act->when->timing->value] = true;
                }
            }
            foreach ($dish->ways as $way) {
                $methods[$way->method->value] = true;
            }
        }
        self::assertSame([], array_diff(array_map(static fn (ActKind $k): string => $k->value, ActKind::cases()), array_keys($kinds)));
        self::assertCount(\count(PartKind::cases()), $parts);
        self::assertCount(4, $methods);
        self::assertCount(\count(Timing::cases()), $times);
    }

    #[DataProviderExternal(Dishes::class, 'names')]
    public function testWhatIsDoneIsInEveryViewOnceAndNothingElseIs(string $name): void
    {
        self::assertOneStory(Dishes::adapted($name), $name);
    }

    public function testSoItIsOfDishesAtRandom(): void
    {
        mt_srand(20261126);
        $kinds = ActKind::cases();
        $base = Dishes::named('plain-chuck');
        for ($case = 0; $case < 60; ++$case) {
            $acts = [];
            for ($k = 0, $count = mt_rand(0, 14); $k < $count; ++$k) {
                $kind = $kinds[mt_rand(0, \count($kinds) - 1)];
                $foods = array_map(static fn (int $i): string => 'i'.$i, (array) array_rand(array_flip(range(1, 7)), mt_rand(1, 3)));
                $when = [
                    When::before(), When::before(), When::eveningBefore(), When::afterStart(null),
                    When::beforeEnd(Minutes::exactly(mt_rand(5, 90))), When::atTheEnd(), When::atTheEnd(),
                ][mt_rand(0, 6)];
                $sentence = 's'.intdiv($k, 2);
                $acts[] = new Act(
                    "$sentence.".($k % 2 + 1), $kind, $foods, Minutes::exactly(mt_rand(2, 40)), when: $when,
                    words: ucfirst($kind->value)." it, $k", source: "Do this and that, sentence $sentence.",
                );
            }
            $cook = mt_rand(0, \count($acts));
            array_splice(
                $acts, $cook, 0,
                [new Act('cook.1', ActKind::Cook, [], Minutes::exactly(180), words: 'Cook it for 3 hours', source: 'Cook it for 3 hours.')],
            );
            $dish = new Dish($base->ingredients, [new Part('braise', PartKind::Braise, '', [], $acts)], $base->ways, $base->takeOut);
            $handling = new Handling(
                Effort::cases()[mt_rand(0, 2)], cutsTheNightBefore: (bool) mt_rand(0, 1), saltsTheNightBefore: (bool) mt_rand(0, 1),
            );
            $braise = (new \Pausis\Core\Adaptation\AdaptBraise())->adapt(Dishes::order($dish, handling: $handling));
            self::assertOneStory($braise, "case $case");
        }
    }

    public static function assertOneStory(AdaptedBraise $braise, string $why): void
    {
        $done = array_map(static fn (Deed $d): string => $d->act->id, $braise->chosen->process->remaining());
        self::assertSame($done, array_values(array_unique($done)), "$why: an act twice");
        $printed = self::acts(AdaptedMethod::of($braise));
        self::assertEqualsCanonicalizing($done, $printed, "$why: print");
        self::assertSame($printed, array_values(array_unique($printed)), "$why: print twice");
        $worked = array_merge(...array_map(static fn (Chore $c): array => $c->acts, $braise->chosen->work->chores));
        self::assertEqualsCanonicalizing($done, $worked, "$why: work");
        foreach ($braise->chosen->work->chores as $chore) {
            self::assertNotSame([], $chore->acts, "$why: $chore->id does nothing");
        }
        $day = Days::plan($braise);
        if (null === $day || !$day->possible || [] !== $day->caught) {
            return;
        }
        $placed = array_merge(...array_map(
            static fn (Placed $p): array => $p->job->acts,
            array_filter($day->placed, static fn (Placed $p): bool => 'boil-beans' !== $p->job->id),
        ));
        self::assertEqualsCanonicalizing($done, $placed, "$why: day");
        $before = array_map(static fn (Chore $c): string => $c->id, $day->braise->chosen->work->in(Stage::Before));
        $on = Days::jobs($day)['load']->to;
        foreach ($day->placed as $one) {
            self::assertTrue(!\in_array($one->job->id, $before, true) || $one->to <= $on, "$why: {$one->job->id} after the pot is on");
        }
        $onTheDay = self::acts(AdaptedMethod::of($day->braise));
        self::assertSame(
            array_values(array_unique(array_merge(...array_map(static fn (Placed $p): array => $p->job->acts, $day->placed)))), $onTheDay,
            "$why: print and day in one order",
        );
        foreach ($day->placed as $one) {
            self::assertTrue([] !== $one->job->acts || 'turn-setting' === $one->job->id, "$why: {$one->job->id}");
            self::assertGreaterThan(0, $one->job->minutes);
        }
    }

    public function testWineIsBoiledDownBeforeLoadingAndReducingIsNeverLeftUnderTheLid(): void
    {
        foreach (Dishes::names() as [$name]) {
            $process = Dishes::adapted($name)->chosen->process;
            $started = false;
            foreach ($process->remaining() as $deed) {
                $started = $started || Stage::Start === $deed->stage;
                self::assertFalse($started && $deed->is(ActKind::BoilDown), $name);
                self::assertFalse(
                    $deed->is(ActKind::Reduce, ActKind::LidOff) && \in_array($deed->stage, [Stage::Start, Stage::During], true), $name,
                );
                self::assertNotSame(0.0, $deed->variables['minutes'] ?? 1.0, "$name: for 0 min");
            }
        }
    }

    public function testWhatComesOutIsOutBeforeTheActThatNeedsItOut(): void
    {
        foreach ([
            'tied-brisket-mash' => ActKind::Serve, 'blended-sauce' => ActKind::Blend, 'reduced-hard' => ActKind::Reduce,
        ] as $name => $before) {
            $kinds = array_map(static fn (Deed $d): ActKind => $d->act->kind, Dishes::adapted($name)->chosen->process->remaining());
            $out = array_search(ActKind::TakeOut, $kinds, true);
            self::assertIsInt($out, $name);
            self::assertTrue(!\in_array($before, $kinds, true) || $out < array_search($before, $kinds, true), $name);
        }
        self::assertContains(
            'take-out',
            array_map(
                static fn (Deed $d): string => $d->code,
                Dishes::adapted('beans-and-hock')->chosen->process->in(Stage::Finish, ActKind::TakeOut),
            ),
            'the bones of the hock',
        );
    }

    public function testPulledMeatIsNeverTestedWithASlidingFork(): void
    {
        foreach (Dishes::adapted('pulled-pork')->chosen->process->remaining() as $deed) {
            self::assertContains($deed->variables['texture'] ?? 'pulls', ['pulls'], $deed->code);
        }
    }

    public function testAsidesAreNotDone(): void
    {
        $words = array_map(static fn (PrintedStep $s): string => $s->words, AdaptedMethod::of(Dishes::adapted('cold-start')));

        self::assertNotContains('My neighbour taught me this one.', $words);
        self::assertContains('No need to fry anything.', $words);
        self::assertSame(
            [], Dishes::adapted('cold-start')->chosen->process->in(Stage::Before, ActKind::Brown),
            'nothing is browned where the recipe browns nothing',
        );
    }

    public function testWhatTheRecipeAddsLateStaysLateWhileSomebodyIsThereAndIsCutLargerWhenNobodyIs(): void
    {
        $home = Days::plan(Dishes::adapted('stew-carrots-late'));
        self::assertContains('add-i3', array_keys(Days::jobs($home)));
        $away = Days::plan(Dishes::adapted(
            'stew-carrots-late', Kitchen::alone(new Presence([new Interval(Days::at('08:10'), Days::at('18:35'))], '22:45', '05:00')),
        ));
        self::assertNotNull($away);
        $codes = array_map(static fn (LedgerEntry $e): string => $e->code, $away->braise->chosen->process->entries);
        self::assertContains('with-the-rest', $codes, 'on Low it is soft, and no more, when the meat is');
        self::assertNotContains('add-i3', array_keys(Days::jobs($away)));

        $refused = array_map(
            static fn (LedgerEntry $e): string => $e->code,
            Dishes::adapted('stew-carrots-late', choices: new LedgerChoices(['late:i3']))->chosen->process->entries,
        );
        self::assertNotSame([], array_intersect(['with-the-rest', 'larger-from-the-start'], $refused), 'refusing one plans the other');
    }

    public function testCutLargerRefusedGoesInLate(): void
    {
        $entry = array_values(array_filter(
            Dishes::adapted('pressure-way')->chosen->process->entries, static fn (LedgerEntry $e): bool => 'cut-bigger' === $e->code,
        ))[0] ?? null;
        self::assertNotNull($entry);
        $late = Dishes::adapted('pressure-way', choices: new LedgerChoices([$entry->key]))->chosen->process;

        self::assertContains('add-at', array_map(static fn (LedgerEntry $e): string => $e->code, $late->entries));
        self::assertCount(1, $late->in(Stage::During, ActKind::Add));
    }

    public function testWhatIsSoftAlreadyGoesInAsTheRecipeHasIt(): void
    {
        $entries = Dishes::adapted('green-sauce-beside')->chosen->process->entries;

        self::assertSame(
            [], array_filter($entries, static fn (LedgerEntry $e): bool => \in_array($e->variables['id'] ?? '', ['i2', 'i3'], true)),
        );
    }

    public function testTwoLinesOfOneFoodAreTwo(): void
    {
        $process = Dishes::adapted('salted-ahead')->chosen->process;
        self::assertSame(['i3'], $process->in(Stage::During, ActKind::Add)[0]->act->foods);
        $refused = Dishes::adapted('salted-ahead', choices: new LedgerChoices(['late:i2']))->chosen->process;
        self::assertCount(1, $refused->in(Stage::During, ActKind::Add), 'refusing the other onion says nothing of this one');
    }

    public function testASlowCookersRecipeGetsItsOwnLiquidBackAndItsOwnHoursBesideOurs(): void
    {
        foreach (['slow-ribs', 'warmed-insert', 'blanched-oxtail'] as $name) {
            $braise = Dishes::adapted($name);
            $sauce = $braise->chosen->sauce;
            self::assertEqualsWithDelta(
                $sauce->recipe, array_sum(array_map(static fn ($c): float => $c->poured, $sauce->changes)), 0.05 * $sauce->recipe, $name,
            );
            self::assertContains(
                'time-beside', array_map(static fn (LedgerEntry $e): string => $e->code, $braise->chosen->process->entries), $name,
            );
        }
    }

    public function testTheSameDishGivesTheSameProcess(): void
    {
        self::assertEquals(Dishes::adapted('marinated-venison')->chosen->process, Dishes::adapted('marinated-venison')->chosen->process);
    }

    /**
     * @param list<PrintedStep> $steps
     *
     * @return list<string>
     */
    private static function acts(array $steps): array
    {
        return array_merge(...array_map(static fn (PrintedStep $s): array => $s->acts, $steps));
    }
}
