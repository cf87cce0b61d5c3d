<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a part of a recipe is. Only the braise goes into the pot and its balance. */
enum PartKind: string
{
    case Braise = 'braise';
    case Marinade = 'marinade';
    case Side = 'side';
    /** Served beside. */
    case Sauce = 'sauce';
    case Topping = 'topping';
    case SecondMeal = 'second-meal';
}
