<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

use Pausis\Core\Reading\Abbreviations;

/**
 * Mends what scanners mistake, "5OOml", "l oz", "srnoked", and leaves Markdown's bold marks out. Every mended piece knows the bytes that it
 * stands for.
 */
final readonly class Repair
{
    private const DIGITS = '/(?<![\p{L}\d])(?<l>l(?=\s*[½¼¾⅓⅔]|\s+(?:oz|lb|kg|g|ml|l|tb?sp|tsp|pints?|large|small|srnall|medium'
        .'|bay|cup|dessert'
        .'|table|tea|onion|further|hour|rnin|min|egg|bunch|sprig|stick|clove|tin|can)\b|\d{2}\s*[°º]|\d{2}\b(?=\s*(?:g|ml|min)\b))'
        .'|I(?=\s*[½¼¾⅓⅔])|(?<=\n)l(?=\s+\p{Lu}\p{Ll}+\s))'
        .'|(?<=\d)(?<o>[Oo]+)(?=\s?(?:g|kg|ml|l|rnl|m|mins?|minutes?|rnins?|rninutes?|hrs?|hours?|cal)\b|\s*[°º]|[\dOo]|\s*-)'
        .'|(?<=\d[.,])(?<d>[lI])(?=\s?(?:g|kg|l)\b)'
        .'|(?<=\d)(?<e>[lI])(?=\d)|\b(?<t>lo|l0|1o)(?=\s?(?:min|rnin|hour)|\s(?:g|ml|oz)\b)/u';
    /** "400 rnl" */
    private const MILLILITRES = '/(?<=\d|\d\s)rnl\b/u';
    /** "gar1ic" */
    private const ONES = '/(?<=\p{Ll})1(?=\p{Ll})/u';
    /** A list whose lines a page ran into one: "oil2 onions, sliced4 cloves". */
    private const GLUED = '/(?<=\p{Ll}|\)|½|¼|¾)(?=\d{1,4}(?:\s?(?:g|kg|ml|l|tbsp|tsp|x|cm)\b|\s(?:x\s)?\p{Ll}{3}|[½¼¾]))/u';
    private const GLUED_STEP = '/\bstep\s?\d{1,2}\K(?=\p{Lu}\p{Ll})/iu';
    private const LEAST_GLUED = 3;
    private const LETTERS = '/(?<!\p{L})(?=\p{L}*rn)\p{L}{3,}(?!\p{L})/u';
    private const CAPITALS = '/(?<=\p{Lu})l(?=\p{Lu}|\b)|\bl(?=\p{Lu}{2})/u';
    /** Words that have "rn" of their own. */
    private const TRUE_RN = 'corned|cornet|tournedos|journey|garnishes|garnishing|concerned|burning|learning|earned'
        .'|sauternes|garni|garnis|brn|brns|mushrm|drnd|verna|hors|corn|corns|peppercorn|peppercorns|turn|turns|turned'
        .'|turning|return|returns|returned|turnip|turnips|burn|burns|burned'
        .'|burnt|garnish|garnished|cornflour|cornstarch|cornmeal|popcorn|modern|morning|mornings|learn|learned|learnt|fern|stern|western'
        .'|southern|northern|eastern|pattern|internal|overnight|return|concern|born|worn|torn|barn|yarn|horn|thorn|earn|journal'
        .'|government|external'
        .'|cavern|tavern|lantern|govern|alternate|alternatively|alternative|alternating|stubborn|warn|warns|warning|warned|furnace|ornament'
        .'|cornish|bernard|november|carne|carnitas|birria|cornflower|burner|burners|earnest|harness|intern|adorn|discern'
        .'|kernel|kernels|hibernian|saturn|return|caverns|turnover|turnovers|scorn|unicorn|acorn|acorns';
    /** Markdown's bold and italics, and marks of footnotes. */
    private const EMPHASIS = '/\*\*|__|(?<=[\s(>])[*_](?=[\p{L}\d])|(?<=[\p{L}\d.!?)])[*_](?=[\s.,;:)!?]|$)/mu';
    private const LEAST_LETTERS = 3;

    /** @return list<array{string, int, int}> pieces of the source in order: their text, and the bytes that they stand for */
    public static function pieces(string $source): array
    {
        $hits = [];
        preg_match_all(self::LETTERS, $source, $words, \PREG_OFFSET_CAPTURE);
        $scanned = array_values(array_filter(
            $words[0], static fn (array $w): bool => !preg_match('/^(?:'.self::TRUE_RN.')$/iu', $w[0]),
        ));
        if (\count($scanned) >= self::LEAST_LETTERS) {
            foreach ($scanned as [$word, $at]) {
                $hits[$at] = [str_replace('rn', 'm', $word), $at, $at + \strlen($word)];
            }
            preg_match_all(self::CAPITALS, $source, $capitals, \PREG_OFFSET_CAPTURE);
            foreach ($capitals[0] as [$letter, $at]) {
                $hits[$at] ??= ['I', $at, $at + 1];
            }
        }
        $hits += Abbreviations::in($source);
        preg_match_all(self::DIGITS, $source, $digits, \PREG_OFFSET_CAPTURE);
        foreach ($digits[0] as [$letters, $at]) {
            $hits[$at] = [strtr($letters, ['O' => '0', 'o' => '0', 'l' => '1', 'I' => '1', '|' => '1']), $at, $at + \strlen($letters)];
        }
        preg_match_all(self::MILLILITRES, $source, $measures, \PREG_OFFSET_CAPTURE);
        foreach ($measures[0] as [$unit, $at]) {
            $hits[$at] = ['ml', $at, $at + \strlen($unit)];
        }
        preg_match_all(self::ONES, $source, $ones, \PREG_OFFSET_CAPTURE);
        foreach ($ones[0] as [$one, $at]) {
            $hits[$at] = ['l', $at, $at + 1];
        }
        foreach ([[self::GLUED, self::LEAST_GLUED], [self::GLUED_STEP, 1]] as [$pattern, $least]) {
            preg_match_all($pattern, $source, $glued, \PREG_OFFSET_CAPTURE);
            foreach (\count($glued[0]) >= $least ? $glued[0] : [] as [$nothing, $at]) {
                $hits[$at] ??= ["\n", $at, $at];
            }
        }
        preg_match_all(self::EMPHASIS, $source, $marks, \PREG_OFFSET_CAPTURE);
        foreach ($marks[0] as [$mark, $at]) {
            $hits[$at] ??= ['', $at, $at + \strlen($mark)];
        }
        ksort($hits);
        $pieces = [];
        $at = 0;
        foreach ($hits as [$text, $from, $to]) {
            if ($from >= $at) {
                $from > $at && $pieces[] = [substr($source, $at, $from - $at), $at, $from];
                $pieces[] = [$text, $from, $to];
                $at = $to;
            }
        }
        $pieces[] = [substr($source, $at), $at, \strlen($source)];

        return $pieces;
    }
}
