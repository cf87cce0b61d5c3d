<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\SaidReader;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\Said;
use Pausis\Training\Corpus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidReaderTest extends TestCase
{
    /** Of the three hundred clauses that were labelled by hand, those told right. */
    private const RIGHT = 0.93;

    public function testItTellsTheLabelledClauses(): void
    {
        $right = $all = 0;
        foreach (\array_slice(file(Corpus::folder().'/clauses.tsv', \FILE_IGNORE_NEW_LINES) ?: [], 1) as $line) {
            [$said, $kind, $words] = explode("\t", $line);
            $told = SaidReader::told([new Act('x', ActKind::from($kind), words: $words, source: $words)], $words)[0];
            // An aside that is nothing to do, whatever it is called, is told as right.
            $right += $said === $told->said->value || ('aside' === $said && ActKind::Other === $told->kind) ? 1 : 0;
            ++$all;
        }

        self::assertGreaterThan(290, $all);
        self::assertGreaterThanOrEqual(self::RIGHT, $right / $all);
    }

    /** @return iterable<string, array{string, list<array{ActKind, string, Said}>}> */
    public static function sentences(): iterable
    {
        $rows = [
            ['If the sauce is thin, boil it down.', [[ActKind::Reduce, 'If the sauce is thin, boil it down.', Said::Condition]]],
            [
                'If the sauce is thin, lift out the meat and boil it.',
                [
                    [ActKind::Lift, 'If the sauce is thin, lift out the meat', Said::Condition],
                    [ActKind::Reduce, 'boil it', Said::Condition],
                ],
            ],
            [
                'Skim it; if it is thin, thicken with flour.',
                [[ActKind::Skim, 'Skim it; if it is thin,', Said::Asserted], [ActKind::Slurry, 'thicken with flour', Said::Condition]],
            ],
            ['Leave it for 4 hours, overnight if you remember.', [[
                ActKind::Marinate, 'Leave it for 4 hours, overnight if you remember', Said::Asserted,
            ]]],
            ['Fry, adding a splash of water if they stick.', [[
                ActKind::FryBase, 'Fry, adding a splash of water if they stick', Said::Asserted,
            ]]],
            ['Serve with bread if you like.', [[ActKind::Serve, 'Serve with bread if you like', Said::Asserted]]],
            ['Turn to High if it isn’t already.', [[ActKind::TurnSetting, 'Turn to High if it isn’t already', Said::Asserted]]],
            ['Or leave it overnight in the fridge.', [[ActKind::Marinate, 'Or leave it overnight in the fridge', Said::Alternative]]],
            ['You can skip this.', [[ActKind::Skim, 'You can skip this', Said::Alternative]]],
            ['No browning here.', [[ActKind::Brown, 'No browning here', Said::Negated]]],
            ['Don’t skim it.', [[ActKind::Skim, 'Don’t skim it', Said::Negated]]],
            ['No peeking, then add the beans.', [[ActKind::Add, 'No peeking, then add the beans', Said::Asserted]]],
            ['My aunt would thicken it.', [[ActKind::Slurry, 'My aunt would thicken it', Said::Aside]]],
            ['It falls apart as if by itself; shred it.', [[ActKind::Shred, 'as if by itself; shred it', Said::Asserted]]],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param list<array{ActKind, string, Said}> $clauses */
    #[DataProvider('sentences')]
    public function testOfASentence(string $sentence, array $clauses): void
    {
        $acts = array_map(static fn (array $c): Act => new Act('x', $c[0], words: $c[1], source: $sentence), $clauses);

        self::assertSame(
            array_map(static fn (array $c): Said => $c[2], $clauses),
            array_map(static fn (Act $a): Said => $a->said, SaidReader::told($acts, $sentence)),
        );
    }

    public function testWhatIsForbiddenIsNoWork(): void
    {
        $act = SaidReader::told([new Act('x', ActKind::Brown, words: 'No browning', source: 'No browning.')], 'No browning.')[0];

        self::assertSame(ActKind::Other, $act->kind);
        self::assertFalse($act->isDone());
        self::assertFalse($act->said->isChoice());
    }

    public function testTheBraiseItselfHangsOnNothing(): void
    {
        $sentence = 'If using the oven, cook it covered for 3 hours.';
        $cook = new Act('x', ActKind::Cook, minutes: Minutes::exactly(180), words: $sentence, source: $sentence);

        self::assertTrue(SaidReader::told([$cook], $sentence)[0]->isDone());
    }
}
