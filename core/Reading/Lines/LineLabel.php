<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** What a line of a text is. */
enum LineLabel: string
{
    case Title = 'title';
    /** Servings, times, source. */
    case Facts = 'facts';
    /** Of the list, the method, a part, another way, notes. */
    case Heading = 'heading';
    case Ingredient = 'ingredient';
    case Step = 'step';
    /** Of the recipe's own: tips, other ways, variations, how it keeps. */
    case Note = 'note';
    /** What people and pages have around a recipe: introductions, comments, talk, menus, ratings, nutrition. */
    case Around = 'around';
}
