<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What may be wished to be otherwise when a recipe is cooked again. */
enum WishKind: string
{
    /** In the pot for longer, or not so long. */
    case Longer = 'longer';
    /** More or less of foods, or of all that is salted with. */
    case Amount = 'amount';
    /** Not at all. */
    case Without = 'without';
    /** Of larger or smaller pieces. */
    case Pieces = 'pieces';
    /** A thicker or a thinner sauce. */
    case Thickness = 'thickness';
    /** More or less of it. */
    case Sauce = 'sauce';
    case Texture = 'texture';
    case Setting = 'setting';
    /** To be remembered in the cook's own words. */
    case Note = 'note';
}
