<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\Internal\SpokenOfAgain;
use Pausis\Core\Reading\Lines\Cutter;
use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\Page;
use Pausis\Core\Reading\Lines\TaggedLine;
use PHPUnit\Framework\TestCase;

final class SpokenOfAgainTest extends TestCase
{
    public function testWhatTheListMeasuresIsNoFoodTwice(): void
    {
        $labels = self::labels(
            "Pork shoulder – also called butt. Bone-in or boneless.\nSmoked salt – a pinch.\n4 lb pork shoulder, cubed\n",
        );

        self::assertSame([LineLabel::Note, LineLabel::Note, LineLabel::Ingredient, LineLabel::Ingredient], $labels);
    }

    public function testAMeasuredLineIsNeverANote(): void
    {
        self::assertSame(
            [LineLabel::Ingredient, LineLabel::Ingredient],
            self::labels("2 onions – the sweet kind\n1 onion – for the table, 2 onions\n"),
        );
    }

    /** @return list<LineLabel> */
    private static function labels(string $text): array
    {
        $lines = array_map(
            static fn (Line $l): TaggedLine => new TaggedLine($l, LineLabel::Ingredient, 0.9), Cutter::lines(Page::flow($text)),
        );

        return array_map(static fn (TaggedLine $l): LineLabel => $l->label, SpokenOfAgain::asNotes($lines));
    }
}
