<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Pieces;

/** In how many pieces of what size the meat lies in the pot. */
final readonly class MeatPieces
{
    private const CUBES = '/\b(?:cubes?|cubed|diced|chunks?|pieces|dice[ds]?|lumps?|strips?|bite|goulash|stewing)\b/iu';
    private const JOINTED_INTO = '/\b(?:jointed|cut(?: up)?|divided)\s+(?:in|into)\s+(?:about\s+)?(?<n>\d{1,2}|two|three|four|six|eight'
        .'|ten|twelve)\s+(?:even |large |big |serving )?(?:pieces|joints|portions)\b/iu';
    private const JOINTED = '/\b(?:jointed|in(?:to)? joints|at the joints|in(?:to)? (?:serving )?(?:pieces|portions|chunks)|cut up'
        .'|in cubes)\b/iu';
    private const COUNTED_IN_BRACKETS = '/\((?:about\s+)?(?<n>\d{1,2})(?:\s*(?:-|–|to)\s*(?<m>\d{1,2}))?\s*(?:large|small|medium|pieces'
        .'|of them)?\)/iu';

    /** @param list<Ingredient> $ingredients */
    public function __construct(private array $ingredients)
    {
    }

    /** @return array{Pieces|null, array{float, float}|null} pieces and size */
    public function of(string $method): array
    {
        $meat = null;
        foreach ($this->ingredients as $one) {
            $meat ??= Role::Meat === $one->role ? $one : null;
        }
        if (null === $meat) {
            return [null, null];
        }
        $words = $meat->source;
        $size = Pieces::sizeIn($words) ?? (preg_match(
            '/[^.;]*\b(?:cut|slice|dice|cube|chunks?|pieces|slices)\b[^.;]*/iu', $method, $m,
        ) && preg_match('/\b(?:meat|beef|lamb|pork|veal|goat|venison|it)\b/iu', $m[0]) ? Pieces::sizeIn($m[0]) : null);
        $cubes = preg_match(self::CUBES, $words) && !preg_match('/one piece/iu', $words);
        $count = null === $meat->amount?->unit || \in_array($meat->amount->unit->value, ['slice', 'piece'], true) ? $meat->amount : null;
        $pieces = match (true) {
            (bool) preg_match(self::JOINTED_INTO, $words.' '.$method, $m) => Pieces::exactly(Number::value($m['n'])),
            $cubes => preg_match(self::COUNTED_IN_BRACKETS, $words, $m)
                ? Pieces::between((float) $m['n'], (float) ($m['m'] ?? $m['n']))
                : null,
            null !== $count && $count->high < 2 && preg_match(self::JOINTED, $words.' '.$method) => null,
            null !== $count => Pieces::between($count->low, $count->high),
            (bool) preg_match(self::COUNTED_IN_BRACKETS, $words, $m) => Pieces::between((float) $m['n'], (float) ($m['m'] ?? $m['n'])),
            (bool) preg_match('/\b(?:halved|cut in (?:two|half|halves)|in two pieces)\b/iu', $words) => Pieces::exactly(2),
            (bool) preg_match('/\b(?:quartered|cut in (?:four|quarters)|in four pieces)\b/iu', $words) => Pieces::exactly(4),
            (preg_match('/\bwhole\b/iu', $words) || preg_match(
                '/\b(?:in one piece|left whole|tied|rolled)\b/iu', $words.' '.$method,
            )) && (preg_match(
                '/\b(?:tied|rolled|in one piece|whole)\b/iu', $words,
            ) || !preg_match(self::CUBES, $words.$method)) && !preg_match(self::JOINTED, $words.$method) => Pieces::exactly(1),
            (bool) preg_match('/\b(?:in one piece)\b/iu', $method) => Pieces::exactly(1),
            default => null,
        };

        return [$pieces, $size];
    }
}
