<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Tests\Core\Days;
use Pausis\Training\Corpus;
use PHPUnit\Framework\TestCase;

/** What holds of the work for any recipe, tried on the corpora; all of them with PAUSIS_ALL_RECIPES=1. */
final class WorkOfStrangersTest extends TestCase
{
    private const EVERY = 6;

    public function testWorkKeepsItsOrderAndLosesNothing(): void
    {
        $tried = 0;
        foreach (Corpus::recipes() as $k => $recipe) {
            if ('1' !== getenv('PAUSIS_ALL_RECIPES') && 0 !== $k % self::EVERY) {
                continue;
            }
            try {
                $order = Dishes::order(Recipes::dish($recipe->text));
            } catch (\LogicException) {
                continue;
            }
            ++$tried;
            $braise = (new AdaptBraise())->adapt($order);
            self::assertKnifeOnce($braise, $recipe->name);
            self::assertFinishReachesThePlate($braise, $recipe->name);
            self::assertReadyBeforeItIsTaken($braise, $recipe->name);
        }
        self::assertGreaterThan(20, $tried);
    }

    /** Every food that needs a knife has its minutes in exactly one job: what lies in the night's marinade in the evening's, if it does. */
    private static function assertKnifeOnce(AdaptedBraise $braise, string $name): void
    {
        $need = HandsOn::cutting($braise->order->potIngredients());
        $cutting = self::of($braise, 'cut-vegetables', 'cut-ahead');
        if (null === $need) {
            return;
        }
        $night = array_filter($cutting, static fn (Chore $c): bool => 'night-cut' === $c->id);
        self::assertLessThanOrEqual(1, \count($cutting) - \count($night), "$name: cut in one job");
        self::assertLessThanOrEqual(1, \count($night), "$name: cut in one job of the evening");
        self::assertNotEmpty($cutting, $name);
        self::assertEqualsWithDelta(
            max(1.0, $need->value), array_sum(array_map(static fn (Chore $c): int => $c->minutes, $cutting)), 0.5 * \count($cutting) + 0.5,
            "$name: minutes of cutting",
        );
    }

    /** Each finishing act that is to be done is work, or said with another, or left out with its reason. */
    private static function assertFinishReachesThePlate(AdaptedBraise $braise, string $name): void
    {
        $worked = array_merge(...array_map(static fn (Chore $c): array => $c->acts, $braise->chosen->work->chores));
        foreach ($braise->chosen->process->deeds as $deed) {
            if (!$deed->act->kind->finishes() || !\in_array($deed->stage, [Stage::Finish, Stage::Table], true)) {
                continue;
            }
            self::assertTrue(
                \in_array($deed->act->id, $worked, true) || self::isAccounted($deed, $braise),
                "$name: {$deed->act->kind->value}: {$deed->act->words}",
            );
        }
    }

    private static function isAccounted(Deed $deed, AdaptedBraise $braise): bool
    {
        $told = array_filter($braise->chosen->process->deeds, static fn (Deed $d): bool => $d->act->id === $deed->with && $d->remains());

        return !$deed->remains()
            && ([] !== $told || '' !== $deed->code || $deed->act->said->isChoice() || self::isSaidElsewhere($deed, $braise));
    }

    /** What a finding or an entry of the ledger speaks of: too salty to reduce, nothing to take out but what came out before. */
    private static function isSaidElsewhere(Deed $deed, AdaptedBraise $braise): bool
    {
        return \in_array($deed->act->kind->value, ['reduce', 'take-out', 'slurry', 'butter-and-starch'], true)
            && [] !== $braise->chosen->process->entries;
    }

    /** What is cut or measured is ready before the first work that takes it, in the work and in the plan. */
    private static function assertReadyBeforeItIsTaken(AdaptedBraise $braise, string $name): void
    {
        $jobs = (new BraiseJobs($braise->order, $braise->chosen->work))->loading(Days::at('12:00'));
        $place = array_flip(array_map(static fn (Chore $c): string => $c->id, $braise->chosen->work->in(Stage::Before)));
        foreach ($jobs as $job) {
            if (!\in_array($job->id, ['cut-vegetables', 'mix-spices'], true)) {
                continue;
            }
            $made = array_map(static fn (Ingredient $i): string => $i->key(), array_filter(
                $braise->order->potIngredients(),
                static fn (Ingredient $i): bool => 'mix-spices' === $job->id ? Role::Spice === $i->role : $i->role->isCut(),
            ));
            foreach ($braise->chosen->work->in(Stage::Before) as $chore) {
                $takes = !\in_array($chore->code, ['cut-vegetables', 'mix-spices', 'beans-on'], true)
                    && ([] !== array_intersect($made, $chore->foods)
                        // What is sweated and not named is what was cut.
                        || ('cut-vegetables' === $job->id && 'fry-base' === $chore->code));
                self::assertTrue(
                    !$takes || ($place[(string) $job->next] ?? \PHP_INT_MAX) <= $place[$chore->id], "$name: $job->id before $chore->id",
                );
            }
        }
    }

    /** @return list<Chore> */
    private static function of(AdaptedBraise $braise, string ...$codes): array
    {
        return array_values(array_filter(
            $braise->chosen->work->chores, static fn (Chore $c): bool => \in_array($c->code, $codes, true),
        ));
    }
}
