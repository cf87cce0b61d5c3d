<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\ActReader;
use Pausis\Core\Reading\ActTable;
use Pausis\Core\Reading\Internal\Durations;
use Pausis\Core\Reading\Internal\Temperatures;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Recipe\Act;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a sentence tells to do, how long, and how hot. */
final class ActReaderTest extends TestCase
{
    /** @param list<string> $kinds */
    #[TestWith(['Pat the cheeks dry and brown them in the butter, 3 minutes on each side.', false, ['dry', 'brown']])]
    #[TestWith(['Remove it, and in the same fat soften the onions until golden.', false, ['fry-base']])]
    #[TestWith(['Wine in, let it bubble down to a third.', false, ['boil-down']])]
    #[TestWith(['Do not brown the meat.', false, ['other']])]
    #[TestWith([
        'Lift out the shanks, strain the sauce, skim off the fat and boil it down by half.', true, ['lift', 'strain', 'skim', 'reduce'],
    ])]
    #[TestWith(['Fish out the bay leaves and the string.', true, ['take-out']])]
    #[TestWith(['Season with fish sauce.', true, ['season-to-taste']])]
    #[TestWith(['When a fork twists easily, lift the pork to a tray and shred it.', true, ['lift', 'shred']])]
    #[TestWith(['Once you can pull it with a spoon', true, ['test']])]
    #[TestWith(['Meanwhile boil the rice and fry the breadcrumbs.', true, ['side-work']])]
    #[TestWith(['Whisk in the butter mashed with the flour.', true, ['butter-and-starch']])]
    #[TestWith(['Mix the cornflour with water, stir in.', true, ['slurry', 'add']])]
    public function testVerbsWithTheirObjectsMakeActs(string $sentence, bool $after, array $kinds): void
    {
        $acts = (new ActReader(ActTable::load()))->read($sentence, 's1', new Naming([]), [], $after);

        self::assertSame($kinds, array_map(static fn (Act $a): string => $a->kind->value, $acts));
    }

    public function testWhatIsBegunBesideTheBraiseGoesOnUntilTheMeatIsNamedAgain(): void
    {
        $reader = new ActReader(ActTable::load());
        $kinds = [];
        foreach ([
            'Meanwhile boil the potatoes for 20 minutes.', 'Fry in butter until golden.', 'Lift out the meat and boil the sauce hard.',
        ] as $k => $sentence) {
            $kinds[] = array_map(static fn (Act $a): string => $a->kind->value, $reader->read($sentence, "s$k", new Naming([]), [], true));
        }

        self::assertSame([['side-work'], ['side-work'], ['lift', 'reduce']], $kinds);
    }

    /** @param list<array{float, float}> $minutes */
    #[TestWith(['3 h 30 to 4 h', [[210.0, 240.0]]])]
    #[TestWith(['an hour and three quarters', [[105.0, 105.0]]])]
    #[TestWith(['2h30', [[150.0, 150.0]]])]
    #[TestWith(['5-6h on low or half an hour on the hob', [[300.0, 360.0], [30.0, 30.0]]])]
    #[TestWith(['1 ¾ hours', [[105.0, 105.0]]])]
    #[TestWith(['two to three hours', [[120.0, 180.0]]])]
    #[TestWith(['400 g tin', []])]
    public function testTimesAreReadInEveryForm(string $text, array $minutes): void
    {
        self::assertSame($minutes, array_map(static fn (array $d): array => [$d[0]->low, $d[0]->high], Durations::in($text)));
    }

    #[TestWith(['oven at 150 °C/130 °C fan', 150.0])]
    #[TestWith(['325F', 162.8])]
    #[TestWith(['gas mark 2', 149.0])]
    #[TestWith(['in the oven at a hundred and fifty', 150.0])]
    #[TestWith(['three hundred and twenty five degrees', 162.8])]
    #[TestWith(['until it is 90 °C inside', null])]
    #[TestWith(['cut in 200 g pieces', null])]
    public function testOvensAreReadInEveryForm(string $text, ?float $celsius): void
    {
        $found = Temperatures::in($text)[0] ?? null;

        self::assertSame($celsius, null === $found ? null : round($found, 1));
    }
}
