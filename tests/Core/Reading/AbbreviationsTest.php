<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\Lines\Repair;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AbbreviationsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function cards(): iterable
    {
        yield 'words cut short, with their stops' => [
            "1 lge carrot\n2 oz. butt. + 1 oz. flr.\ns. & p.", "1 large carrot\n2 oz. butter + 1 oz. flour.\nsalt and pepper",
        ];
        yield 'one word, three meanings' => [
            "1½ pts. stk.\n1 stk cel.\n2 lb rd. stk", "1½ pts. stock.\n1 stick celery.\n2 lb round steak",
        ];
        yield 'a sentence ends where a capital follows' => [
            'Fry onions brn. Add chopd veg, mustd & sce.', 'Fry onions brown. Add chopped veg, mustard & sauce.',
        ];
        yield 'with' => [
            "Mix jts w. 2 oz fat w/ parsl\n1 lge egg", "Mix joints with 2 oz fat with parsley\n1 large egg",
        ];
        yield 'a brace binds lines' => [
            "1 t. sug. }\n1 t. pepr } mixed\n2 pcs mace", "1 t. sugar \n1 t. pepper  mixed\n2 pieces mace",
        ];
        yield 'cuts' => ["3 lb. chk. rst.\n4 pots., qtrd\nThkn. it", "3 lb. chuck roast.\n4 potatoes, quartered\nThicken it"];
        yield 'two are no card' => ['Pound the pc of sl. veal', 'Pound the pc of sl. veal'];
    }

    #[DataProvider('cards')]
    public function testWordsCutShortAreReadWhole(string $written, string $read): void
    {
        $text = '';
        foreach (Repair::pieces($written) as [$piece]) {
            $text .= $piece;
        }
        self::assertSame($read, $text);
    }
}
