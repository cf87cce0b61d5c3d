<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use Pausis\App\Kitchen\RunningPot;
use Pausis\App\StandIn\HiddenPot;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\Learned;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Quantity\Duration;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** A thermometer in the pot, from what is typed to what is told; and a hidden pot that is read in its place. */
final class ProbeApiTest extends ApiTestCase
{
    private string $cook;

    protected function setUp(): void
    {
        parent::setUp();
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'serveAt' => '2026-11-26T07:30', 'away' => []], 201);
        $this->cook = self::text(
            $this->call('POST', '/api/braises/'.self::text($braise, 'id').'/cook', ['at' => '2026-11-25T19:30', 'setting' => 'low'], 201),
            'id',
        );
    }

    public function testAReadingIsKeptTellsAndCanBeTakenBack(): void
    {
        $before = $this->call('GET', "/api/cooks/$this->cook");
        $read = $this->call('POST', "/api/cooks/$this->cook/probe", ['place' => 'liquid', 'reading' => '80', 'at' => '2026-11-25T23:30']);

        self::assertSame(['switched-on', 'probe'], array_column((array) $read['events'], 'kind'));
        self::assertSame('80 °C in the liquid', self::text($read, 'events.1.text'));
        self::assertLessThan(self::width($before), self::width($read));
        self::assertGreaterThan(self::in($before, 'windows.1.likely'), self::in($read, 'windows.1.likely'), 'a cool pot is later');
        $back = $this->call('DELETE', "/api/cooks/$this->cook/events/last");
        self::assertSame(self::in($before, 'windows.1.likely'), self::in($back, 'windows.1.likely'));
    }

    #[TestWith(['300', 'liquid', 'reading'])]
    #[TestWith(['hot', 'liquid', 'reading'])]
    #[TestWith(['', 'liquid', 'reading'])]
    #[TestWith(['-20 C', 'core', 'reading'])]
    #[TestWith(['80', 'lid', 'place'])]
    public function testWhatCantBeIsSaidBesideIt(string $reading, string $place, string $path): void
    {
        $problem = $this->call('POST', "/api/cooks/$this->cook/probe", ['place' => $place, 'reading' => $reading], 422);

        self::assertSame($path, self::text($problem, 'violations.0.path'));
        self::assertSame(['switched-on'], array_column((array) $this->call('GET', "/api/cooks/$this->cook")['events'], 'kind'));
    }

    public function testBeforeItWasOnNothingWasRead(): void
    {
        $problem = $this->call(
            'POST', "/api/cooks/$this->cook/probe", ['place' => 'core', 'reading' => '80', 'at' => '2026-11-25T18:00'], 422,
        );

        self::assertSame('at', self::text($problem, 'violations.0.path'));
    }

    public function testABareNumberIsInTheHousesUnits(): void
    {
        $house = $this->call('GET', '/api/house');
        $us = $this->call('PUT', '/api/house', [...(array) $house['draft'], 'units' => 'us']);
        self::assertSame('us', self::in($us, 'draft.units'));
        $read = $this->call('POST', "/api/cooks/$this->cook/probe", ['place' => 'core', 'reading' => '178']);

        self::assertSame('178 °F in the middle of the meat', self::text($read, 'events.1.text'));
        self::assertSame('185 °F in the liquid', self::text($this->call(
            'POST', "/api/cooks/$this->cook/probe", ['place' => 'liquid', 'reading' => '85 C'],
        ), 'events.2.text'));
    }

    public function testReadingsAMinuteApartLeaveAView(): void
    {
        $start = (int) strtotime('2026-11-25T20:30:00+01:00');
        for ($k = 0; $k < 25; ++$k) {
            $read = $this->call('POST', "/api/cooks/$this->cook/probe", [
                'place' => 'liquid', 'reading' => (string) (60 + $k / 10), 'at' => (new \DateTimeImmutable('@'.($start + 60 * $k)))
                    ->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('Y-m-d\TH:i'),
            ]);
        }

        self::assertCount(26, (array) $read['events']);
        self::assertIsNumeric(self::in($read, 'windows.1.likely'));
    }

    public function testAHiddenPotIsReadAndTheWindowComesNearerToIt(): void
    {
        $before = $this->call('GET', "/api/cooks/$this->cook");
        self::assertNotNull(self::$kernel);
        $probe = new CommandTester((new Application(self::$kernel))->find('pausis:probe'));
        $probe->execute(['hours' => ['3', '5'], '--seed' => '11']);
        self::assertSame(0, $probe->getStatusCode(), $probe->getDisplay());
        self::assertCount(2, (array) json_decode($probe->getDisplay(), true));
        $after = $this->call('GET', "/api/cooks/$this->cook");
        [$cooks, $pot] = [self::getContainer()->get(Cooks::class), self::getContainer()->get(RunningPot::class)];
        \assert($cooks instanceof Cooks && $pot instanceof RunningPot);
        $cook = $cooks->find($this->cook);
        self::assertNotNull($cook);
        $follow = new FollowCook();
        $reached = 0.0;
        for ($hour = 4.0; $hour < 20.0 && $reached < 1.0; $hour += 0.25) {
            $order = $pot->order($cook);
            $sample = $follow->sample($order, $pot->running($cook), HiddenPot::truth(11), Duration::hours($hour));
            $reached = $sample->dose / ($order->meat->joint->needHours * HiddenPot::truth(11)->need);
        }

        self::assertLessThan(self::width($before), self::width($after));
        $off = static fn (array $of): float => abs(self::hours($of, 'likely') - $hour);
        self::assertLessThan($off($before) + 0.5, $off($after));
        $probe->execute(['--place' => 'lid']);
        self::assertNotSame(0, $probe->getStatusCode());
    }

    public function testACookerThatHasChangedIsAskedAbout(): void
    {
        $id = self::text($this->call('GET', '/api/cookers'), '0.id');
        [$learned, $manager] = [self::getContainer()->get(Learned::class), self::getContainer()->get(EntityManagerInterface::class)];
        \assert($learned instanceof Learned && $manager instanceof EntityManagerInterface);
        $known = Belief::none()->with(Knowledge::heatOf($id), 0.088)->measured(Knowledge::heatOf($id), -0.2, 0.03);
        foreach (['doubt' => true, 'learned' => false] as $answer => $keeps) {
            $learned->keep($known->surprised(Knowledge::heatOf($id), 2));
            $manager->flush();
            self::assertTrue(self::in($this->call('GET', '/api/cookers'), '0.changed'));
            $cooker = $this->call('DELETE', "/api/cookers/$id/$answer");

            self::assertFalse($cooker['changed']);
            self::assertSame($keeps, $cooker['heatFactor'] < 0.95);
        }
    }

    /** @param array<array-key, mixed> $cook */
    private static function width(array $cook): float
    {
        return self::hours($cook, 'latest') - self::hours($cook, 'earliest');
    }

    /** @param array<array-key, mixed> $cook */
    private static function hours(array $cook, string $percentile): float
    {
        $hours = self::in($cook, "windows.1.$percentile");
        self::assertIsNumeric($hours);

        return (float) $hours;
    }
}
