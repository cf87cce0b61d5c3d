<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Scaling;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScalingTest extends TestCase
{
    #[TestWith(['500 ml', 1.5, '750 ml'])]
    #[TestWith(['1 tbsp', 1.5, '1½ tbsp'])]
    #[TestWith(['½ tsp', 0.5, '¼ tsp'])]
    #[TestWith(['1 1/2 cups', 2.0, '3 cups'])]
    #[TestWith(['2-3', 2.0, '4-6'])]
    #[TestWith(['1.2 kg', 2.0, '2.4 kg'])]
    #[TestWith(['2 x 400 g tins', 2.0, '4 x 400 g tins'])]
    #[TestWith(['1 tin (400 g)', 3.0, '3 tin (400 g)'])]
    #[TestWith(['a pinch', 2.0, '2 pinch'])]
    #[TestWith(['to taste', 2.0, 'to taste'])]
    #[TestWith(['', 2.0, ''])]
    #[TestWith(['37 g', 1.0, '37 g'])]
    public function testAnAmountIsScaledAsAKitchenMeasures(string $written, float $factor, string $scaled): void
    {
        self::assertSame($scaled, (new Scaling($factor))->amount($written));
    }

    public function testWhatIsScaledIsReadAsSoMuchMore(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        foreach ([
            '800 g beef chuck', '250 ml red wine', '4 carrots', '2 tbsp flour', '400 g tinned tomatoes', '2 cups beef stock',
        ] as $line) {
            $one = $reader->read($line, 1);
            foreach ([0.5, 1.5, 2.0, 3.0] as $factor) {
                $more = $reader->fromParts('', 1, (new Scaling($factor))->amount($one->amountText), $one->foodText, null);
                self::assertEqualsWithDelta(
                    $factor * (float) $one->grams, (float) $more->grams, 0.02 * $factor * (float) $one->grams, $line,
                );
            }
        }
    }
}
