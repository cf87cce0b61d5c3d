<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a stretch of a recipe's text was taken for. */
enum MarkKind: string
{
    case Title = 'title';
    case Heading = 'heading';
    /** Servings, times and the like. */
    case Facts = 'facts';
    case Amount = 'amount';
    case Food = 'food';
    /** The rest of an ingredient: how it is cut, what it may be replaced by. */
    case Note = 'note';
    case Step = 'step';
    /** The recipe's own word on it: a tip, another way, how it keeps. */
    case Tip = 'tip';
    /** The page around it, and what others say. */
    case Around = 'around';
    /** Shown as not read. */
    case Unread = 'unread';
    /** White space and bullets. */
    case Blank = 'blank';
}
