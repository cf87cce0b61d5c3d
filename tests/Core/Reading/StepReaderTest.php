<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\Misheard;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StepReaderTest extends TestCase
{
    /** @return iterable<string, array{string, StepKind, float|null, float|null, Method|null}> sentence, kind, most minutes, °C, way */
    public static function sentences(): iterable
    {
        $rows = [
            ['Heat the oven to 150 °C.', StepKind::Preheat, null, 150, Method::Oven],
            ['Preheat the oven to 325F.', StepKind::Preheat, null, 162.8, Method::Oven],
            ['Brown the shanks on all sides, about 8 minutes.', StepKind::Brown, 8, null, null],
            ['Sear the beef, 4-5 minutes a side.', StepKind::Brown, 5, null, null],
            ['Fry the onions gently for a quarter of an hour.', StepKind::FryBase, 15, null, null],
            ['Pour in the wine and boil it down by half.', StepKind::Reduce, null, null, null],
            ['Scrape up what has stuck with a splash of stock.', StepKind::Deglaze, null, null, null],
            ['Cover and cook in the oven for 3 hours.', StepKind::Cook, 180, null, Method::Oven],
            ['Simmer gently for 2½ to 3 hours.', StepKind::Cook, 180, null, Method::Hob],
            ['Let it blip on the lowest heat for an hour and a half.', StepKind::Cook, 90, null, Method::Hob],
            ['Cook at high pressure for 50 minutes.', StepKind::Cook, 50, null, Method::Pressure],
            ['Cook in the slow cooker on low for 8 hours.', StepKind::Cook, 480, null, Method::SlowCooker],
            ['Soak the beans overnight.', StepKind::Soak, null, null, null],
            ['Leave to marinate for 4 hours in the fridge.', StepKind::Soak, 240, null, null],
            ['Add the peas for the last 5 minutes.', StepKind::AddLate, 5, null, null],
            ['Lift out the meat and keep it warm.', StepKind::LiftOut, null, null, null],
            ['Strain the sauce through a sieve.', StepKind::Strain, null, null, null],
            ['Skim off the fat.', StepKind::Skim, null, null, null],
            ['Shred the meat with two forks.', StepKind::Shred, null, null, null],
            ['Thicken with the cornflour.', StepKind::Thicken, null, null, null],
            ['Serve with mash.', StepKind::Serve, null, null, null],
            ['Peel and slice the carrots.', StepKind::Prepare, null, null, null],
        ];
        foreach ($rows as [$sentence, $kind, $minutes, $celsius, $method]) {
            yield $sentence => [
                $sentence, $kind, null === $minutes ? null : (float) $minutes, null === $celsius ? null : (float) $celsius, $method,
            ];
        }
    }

    #[DataProvider('sentences')]
    public function testASentenceOfAMethod(string $sentence, StepKind $kind, ?float $minutes, ?float $celsius, ?Method $method): void
    {
        $step = (new StepReader(Misheard::load()))->read($sentence, 3);

        self::assertSame([$kind, $method, 3, $sentence], [$step->kind, $step->method, $step->line, $step->source]);
        self::assertSame($minutes, $step->minutes['high'] ?? null);
        null === $celsius ? self::assertNull($step->celsius) : self::assertEqualsWithDelta($celsius, $step->celsius, 0.1);
    }
}
