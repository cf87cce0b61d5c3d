<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Wish;
use Pausis\Core\Recipe\WishKind;

/** What to change next time, as cooks write it down: "half an hour longer, less wine; cut larger". */
final readonly class WishReader
{
    private const USUAL_MINUTES = 30.0;
    private const LITTLE_MINUTES = 15.0;
    private const MUCH_MINUTES = 60.0;
    private const LONGEST_WORDS = 300;
    private const MORE = 'more|extra|bigger|larger';
    private const LESS = 'less|fewer|smaller|not so much|not so many|not as much|not as many|too much|too many';
    /** Where a new wish begins after "and", "but" or a comma. */
    private const BEGINS = '(?=(?:also\s+)?(?:(?:a\s+)?(?:bit|little|touch|lot|much|slightly)\s+)*(?:less|more|fewer|extra|half|no\b'
        .'|without|cut|chop|slice|thicker|thinner|longer|shorter|on\s+(?:low|high)|double|twice|skip|leave|omit|not\s|cook|needs?\b'
        .'|smaller|larger|bigger|too\s|use\b|drop\b|don.t\b|(?:about\s+)?\d))';
    private const LONGER = '/\b(?:longer|more time|undercooked|under-?done|not (?:yet )?(?:done|tender|soft) enough'
        .'|(?:was |too |still )tough)\b/iu';
    private const SHORTER = '/\b(?:shorter|less time|not (?:so|as|quite so) long|overcooked|over-?done|sooner out)\b/iu';
    private const TIME = '/\b(?:min(?:ute)?s?|hours?|hrs?|h)\b/iu';
    private const LITTLE = '/\b(?:a (?:little|bit|touch|tad)|slightly|bit)\b/iu';
    private const MUCH = '/\b(?:much|a lot|lots|far|way|plenty|considerably)\b/iu';
    private const SAUCE = '/\b(?:sauce|gravy|liquid|juices?|liquor|broth)\b/iu';
    private const LARGER = '/\b(?:larger|bigger|coarser|thicker|chunkier|in (?:large|big) (?:pieces|chunks))\b/iu';
    private const SMALLER = '/\b(?:smaller|finer|thinner|in small (?:pieces|chunks))\b/iu';
    /** "cut the carrots larger", where there are none */
    private const OF_ANOTHER = '/\b(?:cut|chop|slice|dice|cube)\s+(?:the|your|all the)\s+'
        .'(?!meat|joint|pieces?|chunks?|cubes?|slices?|lot)\\p{L}{3,}/iu';
    private const CUT = '/\b(?:cut|chop|slice|dice|cube|pieces?|chunks?)/iu';
    private const ON = '/^(?:(?:cook|keep|all)\s+(?:it\s+)?(?:day\s+)?)?on (?<to>low|medium|high)\b/iu';
    private const SOFTER = '/\b(?:softer|more tender|falling apart|pull(?:s|ed)?)\b/iu';
    private const WITHOUT = '/\b(?:no|without|skip|omit|drop|leave out|leave off)\b|\bleave\b.*\bout\b/iu';
    private const NOT_MUCH = '/\b(?:not (?:so|as)|too) (?:much|many)\b/iu';
    private const SALT = '/\b(?:salt|salty|saltier)\b/iu';

    public function __construct(private StepReader $steps)
    {
    }

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return list<Wish>
     */
    public function read(string $text, array $ingredients): array
    {
        $ends = '/[\n;]+|(?<!\d)\.(?:\s+|$)|,\s*(?:and\s+|but\s+)?'.self::BEGINS.'|\s+(?:and|but)\s+'.self::BEGINS.'/iu';
        $parts = array_map(
            static fn (string $p): string => mb_substr(trim($p, " \t\r.,-–•*"), 0, self::LONGEST_WORDS), preg_split($ends, $text) ?: [],
        );
        $naming = new Naming($ingredients);

        return array_values(array_map(
            fn (string $words): Wish => $this->wish($words, $naming, $ingredients),
            array_filter($parts, static fn (string $p): bool => '' !== $p),
        ));
    }

    /** @param list<Ingredient> $ingredients */
    private function wish(string $words, Naming $naming, array $ingredients): Wish
    {
        $foods = $naming->in($words);
        $meat = array_filter($foods, static fn (int $k): bool => Role::Meat === $ingredients[$k]->role);
        $others = array_values(array_diff($foods, $meat));
        $sign = self::sign($words);

        return match (true) {
            1 === preg_match(self::ON, $words, $m) => new Wish(WishKind::Setting, $words, to: mb_strtolower($m['to'])),
            self::isOfTime($words) => new Wish(WishKind::Longer, $words, by: $this->minutes($words)),
            [] === $foods && 1 === preg_match(self::OF_ANOTHER, $words) => new Wish(WishKind::Note, $words),
            1 === preg_match(self::CUT, $words) && 0.0 !== self::size($words) => new Wish(
                WishKind::Pieces, $words, $others, self::size($words),
            ),
            1 === preg_match('/\b(?:thick(?:er|en)|thinner)\b/iu', $words) && [] === $others => new Wish(
                WishKind::Thickness, $words, by: preg_match('/\bthinner|\bless\b|\bnot so\b/iu', $words) ? -1.0 : 1.0,
            ),
            [] === $others && 1 === preg_match(self::SALT, $words) && 0.0 !== $sign => new Wish(
                WishKind::Amount, $words, self::salts($ingredients), self::factor($words, self::tastes($words) ?? $sign),
            ),
            [] === $others && 1 === preg_match(self::SAUCE, $words) && 0.0 !== $sign => new Wish(WishKind::Sauce, $words, by: $sign),
            1 === preg_match(self::SOFTER, $words) => new Wish(WishKind::Texture, $words, by: 1.0),
            1 === preg_match('/\b(?:firmer|less soft|to slice|in one piece)\b/iu', $words) => new Wish(WishKind::Texture, $words, by: -1.0),
            [] !== $others => $this->amount($words, $others, $sign),
            default => new Wish(WishKind::Note, $words),
        };
    }

    /** @param list<int> $foods */
    private function amount(string $words, array $foods, float $sign): Wish
    {
        $amount = '(?<amount>'.Number::pattern().'\s*(?:g|kg|ml|cl|dl|l|oz|lb|cups?|tbsp|tsp|cloves?)?)';

        return match (true) {
            1 === preg_match(self::WITHOUT, $words) => new Wish(WishKind::Without, $words, $foods),
            1 === preg_match("/(?<![\\p{L}\\d])$amount\\s+(?<way>less|fewer|more|extra)\\b/iu", $words, $m) => new Wish(
                WishKind::Amount, $words, $foods, preg_match('/less|fewer/iu', $m['way']) ? -1.0 : 1.0, $m['amount'],
            ),
            1 === preg_match('/\b(?:half the|half as (?:much|many)|only half)\b/iu', $words) => new Wish(
                WishKind::Amount, $words, $foods, 0.5,
            ),
            1 === preg_match('/\b(?:double|twice)\b/iu', $words) => new Wish(WishKind::Amount, $words, $foods, 2.0),
            0.0 !== $sign => new Wish(WishKind::Amount, $words, $foods, self::factor($words, $sign)),
            default => new Wish(WishKind::Note, $words, $foods),
        };
    }

    private static function isOfTime(string $words): bool
    {
        return 1 === preg_match(self::LONGER, $words) || 1 === preg_match(self::SHORTER, $words)
            || (1 === preg_match(self::TIME, $words) && 1 === preg_match('/\b(?:more|less)\b/iu', $words));
    }

    private function minutes(string $words): float
    {
        $said = $this->steps->minutes($words);
        $minutes = match (true) {
            null !== $said => ($said['low'] + $said['high']) / 2,
            1 === preg_match(self::LITTLE, $words) => self::LITTLE_MINUTES,
            1 === preg_match(self::MUCH, $words) => self::MUCH_MINUTES,
            default => self::USUAL_MINUTES,
        };

        return 1 === preg_match(self::SHORTER, $words) || 1 === preg_match('/\bless\b/iu', $words) ? -$minutes : $minutes;
    }

    private static function sign(string $words): float
    {
        return match (true) {
            1 === preg_match('/\b(?:'.self::LESS.')\b/iu', $words) => -1.0,
            1 === preg_match('/\b(?:'.self::MORE.'|not enough|too little|too few)\b/iu', $words) => 1.0,
            1 === preg_match('/\b(?:too salty)\b/iu', $words) => -1.0,
            1 === preg_match('/\b(?:saltier)\b/iu', $words) => 1.0,
            default => 0.0,
        };
    }

    /** "less salty", "more salt": the same word both ways; null where only the amount's sign tells. */
    private static function tastes(string $words): ?float
    {
        return 1 === preg_match('/\btoo salty\b/iu', $words) ? -1.0 : null;
    }

    private static function factor(string $words, float $sign): float
    {
        return match (true) {
            1 === preg_match(self::LITTLE, $words) => $sign < 0 ? 0.85 : 1.15,
            1 === preg_match(self::MUCH, $words) && !preg_match(self::NOT_MUCH, $words) => $sign < 0 ? 0.5 : 1.5,
            default => $sign < 0 ? 0.75 : 1.25,
        };
    }

    private static function size(string $words): float
    {
        return (float) preg_match(self::LARGER, $words) - (float) preg_match(self::SMALLER, $words);
    }

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return list<int> salt by itself
     */
    private static function salts(array $ingredients): array
    {
        return array_keys(array_filter(
            $ingredients, static fn (Ingredient $i): bool => 'salt' === $i->food?->id || 1 === preg_match('/\bsalt$/iu', $i->foodText),
        ));
    }
}
