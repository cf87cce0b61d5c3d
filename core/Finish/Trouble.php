<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

/** What may be wrong with a braise when it is finished. */
enum Trouble: string
{
    case TooThin = 'too-thin';
    case TooThick = 'too-thick';
    case OverReduced = 'over-reduced';
    case TooSalty = 'too-salty';
    case TooSour = 'too-sour';
    case TooSweet = 'too-sweet';
    case Bland = 'bland';
    case Greasy = 'greasy';
    case Lumpy = 'lumpy';
    case Split = 'split';
    case Scorched = 'scorched';
    case MeatTough = 'meat-tough';
    case MeatDry = 'meat-dry';
    case MeatInShreds = 'meat-in-shreds';
    case VegetablesHard = 'vegetables-hard';
}
