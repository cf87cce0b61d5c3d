<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** Something that comes out of the pot again and isn't eaten. */
final readonly class TakeOut
{
    private const TIES = '/\b(?<what>string|twine|netting|net|skewers?|cocktail sticks?|toothpicks?|muslin|spice bag)\b/iu';

    /**
     * @param string  $id     of its own
     * @param string  $name   in the recipe's words
     * @param ActKind $before the act before which it must be out
     */
    public function __construct(public string $id, public string $name, public ActKind $before = ActKind::Serve)
    {
    }

    /** @return list<string> what ties and holds, of which a text speaks: it is never eaten */
    public static function tiesIn(string $text): array
    {
        preg_match_all(self::TIES, $text, $m);

        return array_values(array_unique(array_map('mb_strtolower', $m['what'])));
    }
}
