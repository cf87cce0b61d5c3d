<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Adaptation\Rules\PreparedAhead;
use Pausis\Core\Reading\ActTable;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\Misheard;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Recipes that brown, part-cook or load the day before. */
final class PreparedAheadTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<int>, list<int>, list<int>}> steps; browned, kept, filled */
    public static function recipes(): iterable
    {
        yield 'in one sentence' => [
            ['The night before, brown the shanks on all sides, cool and refrigerate overnight.', 'Next day cook on low for 8 hours.'], [0],
            [], [],
        ];
        yield 'in steps' => [
            [
                'Brown the beef in batches.', 'Fry the onions.', 'Cool, cover and chill overnight.',
                'In the morning tip into the cooker, 8 hours on low.',
            ],
            [0], [2], [],
        ];
        yield 'the day before' => [['Brown the meat the day before.', 'Braise for 3 hours in the oven.'], [0], [], []];
        yield 'in advance' => [['Sear the pork in advance.', 'Slow cook on low 8 hours.'], [0], [], []];
        yield 'part-cooked' => [
            ['Half-cook the chicken in the oven the evening before, keep it chilled.', 'Next day cook 4 hours on low.'], [0], [], [],
        ];
        yield 'up to a day' => [
            ['You can brown the meat up to a day ahead; keep it in the fridge until needed.', 'Cook on low for 8 hours.'], [0], [], [],
        ];
        yield 'the filled insert' => [
            ['Put everything in the insert and keep in the fridge overnight.', 'Switch on in the morning, low for 9 hours.'], [], [], [0],
        ];
        yield 'marinated, then browned' => [
            ['Marinate the beef overnight in the wine.', 'Pat dry and brown well.', 'Braise at 150 C for 3 hours.'], [], [], [],
        ];
        yield 'salted the night before' => [['Salt the pork the night before.', 'Brown it all over.', 'Cook 3 hours.'], [], [], []];
        yield 'chilled when done' => [
            ['Brown the shanks.', 'Braise 3 hours at 160C.', 'Chill overnight, lift off the fat.', 'Reheat and serve.'], [], [], [],
        ];
        yield 'onions only' => [['Fry the onions the evening before and chill.', 'Brown the lamb.', 'Cook for 3 hours.'], [], [], []];
    }

    /**
     * @param list<string> $steps
     * @param list<int>    $browned
     * @param list<int>    $kept
     * @param list<int>    $filled
     */
    #[DataProvider('recipes')]
    public function testWhatIsDoneAheadIsFound(array $steps, array $browned, array $kept, array $filled): void
    {
        $ahead = PreparedAhead::in(self::acts($steps));
        $ids = static fn (int ...$places): array => array_map(static fn (int $k): string => 's'.($k + 1), array_values($places));

        self::assertSame([$ids(...$browned), $ids(...$kept), $ids(...$filled)], [$ahead->browned, $ahead->kept, $ahead->filled]);
        $rules = array_map(static fn (Finding $f): string => $f->rule, $ahead->findings());
        self::assertSame(array_values(array_filter([[] === $browned ? '' : 'browned-ahead', [] === $filled ? '' : 'cold-insert'])), $rules);
        foreach ($browned as $k) {
            self::assertDoesNotMatchRegularExpression(
                '/night|before|overnight|ahead|advance|fridge/i', PreparedAhead::straightBefore($steps[$k]),
            );
        }
    }

    /**
     * @param list<string> $sentences
     *
     * @return list<Act>
     */
    private static function acts(array $sentences): array
    {
        $reader = new StepReader(Misheard::load());
        $steps = array_map(
            static fn (string $s, int $k): Step => $reader->read($s, $k + 1)->identified('s'.($k + 1)), $sentences, array_keys($sentences),
        );

        return (new MethodReader(ActTable::load()))->acts($steps, []);
    }
}
