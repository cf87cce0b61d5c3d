<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

/** Amounts that are put right in the same breath: "800 g, no, 1 kg lamb", "1 tsp cumin (no, 2 tsp)", "a spoon of paste, make it two". */
final readonly class TakenBack
{
    private const SAID = '/[\s,;:(–—-]+(?:no,?\s+wait|wait,?\s+no|sorry|wait|scratch that|i mean|actually'
        .'|make (?:it|that)|rather|no(?!\.\s?\d[\d.½ ]*(?:cans?|tins?)\b))\b[\s,:.–—-]+/iu';
    /** Nothing but an amount stands behind. */
    private const BARE = '/^[\s).,;]*$/u';

    public function __construct(private AmountReader $amounts)
    {
    }

    /** Whether something is put right in it. */
    public function isIn(string $text): bool
    {
        return $this->meant($text) !== $text;
    }

    /** A line as it is meant. */
    public function meant(string $text): string
    {
        if (!preg_match(self::SAID, $text, $m, \PREG_OFFSET_CAPTURE)) {
            return $text;
        }
        $said = substr($text, 0, $m[0][1]);
        $meant = substr($text, $m[0][1] + \strlen($m[0][0]));
        $old = $this->amounts->find($said);
        $new = $this->amounts->find($meant);
        if (null === $old || true !== $new?->leads()) {
            return $text;
        }
        $rest = $new->without($meant);
        if (!preg_match(self::BARE, $rest)) {
            return $meant;
        }
        $unit = null === $new->amount->unit && null !== $old->amount->unit
            ? (string) preg_replace('/^\s*(?:[\d.,\/½¼¾⅓⅔⅛\s]+|\p{L}+\s)/u', '', $old->in($said)) : '';

        return trim($new->in($meant).' '.$unit).' '.$old->without($said);
    }
}
