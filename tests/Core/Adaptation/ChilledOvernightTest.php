<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\Change\EatenOn;
use Pausis\Core\Adaptation\Change\ServeAt;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Sides;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cooked one day, chilled, and warmed through, finished and eaten on another, as a careful cook would. */
final class ChilledOvernightTest extends TestCase
{
    public function testInTheEveningItOnlyGoesIntoDishesAndTheFridge(): void
    {
        $day = self::plan();
        $evening = array_filter($day->placed,
            static fn (Placed $p): bool => $p->from >= Days::at('20:30') && $p->from < Days::at('23:59'));

        self::assertTrue($day->possible);
        self::assertSame(
            ['lift-out', 'chill', 'into-fridge'], array_values(array_map(static fn (Placed $p): string => $p->job->code, $evening)),
        );
        $fridge = Days::jobs($day)['into-fridge'];
        self::assertGreaterThanOrEqual(30 * 60, $fridge->from->getTimestamp() - Days::at('21:00')->getTimestamp(), 'cooled a little');
        self::assertLessThanOrEqual(120 * 60, $fridge->to->getTimestamp() - Days::at('21:00')->getTimestamp(), 'and in time');
    }

    public function testOnTheDayItIsWarmedThroughAndFinishedWithItsSides(): void
    {
        $jobs = Days::jobs(self::plan());
        $next = array_keys(array_filter($jobs, static fn (Placed $p): bool => $p->from >= Days::at('00:00', '2026-11-27')));

        self::assertSame(['mash-0', 'mash-1', 'fat-off', 'reheat', 'mash-2', 'strain-and-skim', 'slurry', 'plate-again'], $next);
        self::assertLessThanOrEqual($jobs['reheat']->from, $jobs['fat-off']->to, 'cold fat comes off first');
        self::assertSame(74.0, $jobs['reheat']->job->variables['celsius']);
        self::assertSame(1, $jobs['reheat']->job->rings);
        self::assertEquals(Days::at('19:00', '2026-11-27'), $jobs['plate-again']->to);
    }

    /** 5 min for each kilogram from the fridge to the boil, and 10 for the middle. */
    public function testWarmingTakesAsLongAsThereIsMuch(): void
    {
        foreach ([[1.3, 23], [2.6, 29]] as [$kilograms, $minutes]) {
            $work = self::plan(kilograms: $kilograms)->braise->chosen->work;
            $reheat = array_values(array_filter($work->chores, static fn (Chore $c): bool => 'reheat' === $c->code))[0];
            self::assertEqualsWithDelta($minutes, $reheat->minutes, 1);
        }
    }

    public function testTheLedgerSaysSo(): void
    {
        $codes = array_map(static fn (LedgerEntry $e): string => $e->code, self::plan()->braise->chosen->process->entries);

        self::assertContains('another-day', $codes);
    }

    public function testWhereNobodyIsThereToWarmItItIsSaid(): void
    {
        $away = new Presence([new Interval(Days::at('09:00', '2026-11-27'), Days::at('23:00', '2026-11-27'))], '22:45', '06:15');
        $day = self::plan(Kitchen::alone($away));

        self::assertSame(['reheat'], array_column($day->caught, 'code'));
    }

    public function testTheWayOutKeepsTheDinnerAndIsPlanned(): void
    {
        $busy = new Presence([Days::between('06:30', '17:30')], '22:45', '06:15');
        $braise = Days::braise(Kitchen::alone($busy), now: Days::at('09:00', '2026-11-25'), kilograms: 2.5);
        $ways = array_column(Days::ways($braise), null, 'code');
        self::assertArrayHasKey('day-before', $ways);
        self::assertEquals(Days::at('19:00'), $ways['day-before']->serve, 'the dinner that was wished for');

        $order = $ways['day-before']->of($braise->order);
        self::assertLessThan(Days::at('00:00'), $order->serveAt);
        $whole = (new PlanDay())->plan((new AdaptBraise())->adapt($order), [], [], []);
        self::assertTrue($whole?->possible);
        self::assertSame([], $whole->caught);
        self::assertEquals(Days::at('19:00'), Days::jobs($whole)['plate-again']->to);
    }

    /** Whatever a recipe does at the end is done on the day, once; nothing of it in the evening. */
    #[DataProvider('recipes')]
    public function testEveryActOfTheFinishIsDoneOnTheDay(string $name): void
    {
        $order = Dishes::order(Recipes::named($name));
        $now = (new AdaptBraise())->adapt($order)->chosen->work;
        $later = (new AdaptBraise())->adapt((new EatenOn(Days::at('19:00',
            '2026-11-27')))->of((new ServeAt(Days::at('20:00')))->of($order)))
            ->chosen->work;
        $finish = array_values(array_diff(self::codes($now->in(Stage::Finish, Stage::Table)), ['strain-and-skim']));
        $again = array_values(array_diff(self::codes($later->in(Stage::Again)), ['fat-off', 'reheat', 'strain-and-skim']));

        self::assertSame($finish, $again);
        self::assertSame(['chill'], self::codes($later->in(Stage::Finish, Stage::Table)));
    }

    /**
     * @param list<Chore> $chores
     *
     * @return list<string>
     */
    private static function codes(array $chores): array
    {
        return array_values(array_unique(array_diff(
            array_map(static fn (Chore $c): string => $c->code, $chores), ['lift-out', 'take-out', 'rest-meat', 'side-work'],
        )));
    }

    /** @return iterable<string, array{string}> */
    public static function recipes(): iterable
    {
        foreach (['glazed-in-the-oven', 'told-in-nouns', 'rub-and-hot-sauce', 'thickened-in-one', 'tacos-and-hash'] as $name) {
            yield $name => [$name];
        }
    }

    private static function plan(?Kitchen $kitchen = null, float $kilograms = 1.3): WholeDay
    {
        $order = Days::braise($kitchen ?? Kitchen::alone(Days::home()), choice: ProgramChoice::High, kilograms: $kilograms)->order;
        $order = (new EatenOn(Days::at('19:00', '2026-11-27')))->of((new ServeAt(Days::at('21:00')))->of($order));
        $mash = Sides::load()->find('mash');
        \assert(null !== $mash);

        return (new PlanDay())->plan((new AdaptBraise())->adapt($order), [$mash], [], []) ?? throw new \LogicException('No day.');
    }
}
