<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** Something that comes out of the pot again and isn't eaten. */
final readonly class TakeOut
{
    private const TIES = '/\b(?<what>string|twine|netting|net|skewers?|cocktail sticks?|toothpicks?|muslin|spice bag)\b/iu';

    private const GROUND = '/\bgrat(?:e|ed|ing)\b|\bchop|\b(?:grind|ground|pound\w*|blend\w*|blitz\w*|crush\w*|powder|paste|pestle'
        .'|mortar)\b/iu';
    /** "the chopped rosemary" */
    private const CHOPPED = '/\b(?:chopped|ground|crushed|minced|torn|picked|shredded)\s+(?:\p{L}+\s+)?%s\b/iu';

    /**
     * @param string  $id     of its own
     * @param string  $name   in the recipe's words
     * @param ActKind $before the act before which it must be out
     */
    public function __construct(public string $id, public string $name, public ActKind $before = ActKind::Serve)
    {
    }

    /**
     * Whether it has gone into the sauce for good: grated, ground or blended with what it is done to, or chopped.
     *
     * @param list<Act> $acts
     */
    public static function hasGoneInto(Ingredient $one, array $acts): bool
    {
        foreach ($acts as $act) {
            if (ActKind::TakeOut !== $act->kind && \in_array($one->key(), $act->foods, true) && preg_match(self::GROUND, $act->source)
                || preg_match(\sprintf(self::CHOPPED, preg_quote($one->foodText, '/')), $act->source)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what ties and holds, of which a text speaks: it is never eaten */
    public static function tiesIn(string $text): array
    {
        preg_match_all(self::TIES, $text, $m);

        return array_values(array_unique(array_map('mb_strtolower', $m['what'])));
    }
}
