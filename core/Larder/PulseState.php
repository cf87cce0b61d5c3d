<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/** Whether beans and other pulses are ready to eat, by the words that a recipe uses of them. Where it says neither they are not. */
enum PulseState
{
    case Raw;
    case Cooked;
    case Unsaid;

    private const RAW = '/\b(?:dr(?:y|ied)|raw|uncooked|un-?soaked|soak(?:ed|ing)?|picked (?:over|through)|overnight'
        .'|fresh(?:ly)?(?:[ -]shelled)?|shelled|podded|frozen|seeds?|(?:not|half|part|partly|par)[ -](?:boiled|cooked)'
        .'|(?:not|never|no|without|rather than|instead of|don[’\']?t use|un-?)\s*(?:the\s+|from\s+(?:a\s+)?|any\s+|in\s+)*'
        .'(?:tins?|tinned|cans?|canned|jars?|jarred|(?:pre-?)?cooked|boiled))\b/iu';
    private const COOKED = '/\b(?:tins?|tinned|cans?|canned|jars?|jarred|(?:ready|pre|home)?-?cooked|in brine|refried|baked)\b/iu';
    private const DRIED = '/\b(?:dr(?:y|ied)|soak(?:ed|ing)?|shelled|podded)\b/iu';

    /**
     * @param string $name   the words for the food; what they say counts before the rest
     * @param string $around amount and notes
     */
    public static function of(string $name, string $around): self
    {
        foreach ([$name, $around] as $words) {
            if (preg_match(self::RAW, $words)) {
                return self::Raw;
            }
            if (preg_match(self::COOKED, $words)) {
                return self::Cooked;
            }
        }

        return self::Unsaid;
    }

    /** Of pods that are eaten green: whether the seeds are meant. */
    public static function saysDried(string $words): bool
    {
        return (bool) preg_match(self::DRIED, $words);
    }
}
