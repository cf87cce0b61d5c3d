<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Sides;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/** One cook who is free, four rings and an oven: of all pairs of sides only the one that needs the oven twice can't be done. */
final class PairsOfSidesTest extends TestCase
{
    public function testNoPairIsRefusedThatCanBeDone(): void
    {
        $braise = Days::braise(new Kitchen(Days::people(Days::home('05:00')), 4));
        $sides = Sides::load()->all();
        $refused = [];
        foreach ($sides as $k => $one) {
            foreach (\array_slice($sides, $k + 1) as $other) {
                $whole = (new PlanDay())->plan($braise, [$one, $other], [], []);
                if (true !== $whole?->possible) {
                    $refused[] = "$one->id, $other->id";
                }
            }
        }

        self::assertSame(['roast-potatoes, warm-loaf'], $refused);
    }
}
