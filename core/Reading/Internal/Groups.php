<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Ingredient;

/** What a list's headings hold together, and what the method calls it: the rub, the glaze, the sauce ingredients. */
final readonly class Groups
{
    /** What heads so many in its own line heads no other. */
    private const A_LIST = 4;
    private const HEADED = '/^\W*for the [^:]{3,60}:/iu';
    /** What a method calls all that is listed so. */
    private const CALLED = '/\b(?<noun>marinade|rub|brine|glaze|paste|spice mix|spice paste|seasoning mix|dressing|crumbs|topping'
        .'|slaw|salad'
        .'|salsa|gremolata|dumplings|mash|masala|sauce)\b/iu';

    /**
     * @param list<Ingredient>                 $ingredients
     * @param list<array{string, string, int}> $sentences   text, zone, line
     */
    public function __construct(private array $ingredients, private array $sentences)
    {
    }

    /** @return string what the method would call it with its like; empty where it is listed with nothing else */
    public function nounOf(Ingredient $one): string
    {
        $heading = $this->headingOf($one);
        if (!preg_match(self::CALLED, $heading, $m) || $this->isInTheMethod($one)) {
            return '';
        }
        $like = array_filter($this->ingredients, fn (Ingredient $i): bool => $heading === $this->headingOf($i));

        return \count($like) > 1 ? mb_strtolower($m['noun']) : '';
    }

    /** Whether a sentence of the method stands between it and what is above it in the list. */
    private function isInTheMethod(Ingredient $one): bool
    {
        return [] !== array_filter($this->sentences, static fn (array $s): bool => 'step' === $s[1] && $s[2] <= $one->line);
    }

    public function headingOf(Ingredient $one): string
    {
        $found = '';
        $at = 0;
        foreach ($this->sentences as [$text, $zone, $line]) {
            if ($line > $one->line) {
                break;
            }
            $within = \in_array($line, array_column($this->ingredients, 'line'), true);
            $heads = $line === $one->line ? $within && str_ends_with(rtrim($text), ':')
                : $line < $one->line && (!$within || (preg_match('/^\W*for\b/iu', $text) && $this->listedOn($line) < self::A_LIST));
            if ('heading' === $zone && $heads) {
                $found = $text;
                $at = $line;
            }
        }
        foreach ($this->ingredients as $other) {
            // "For the pickled onions: 2 red onions" heads what follows, and itself.
            if ($other->line > $at && $other->line <= $one->line && preg_match(self::HEADED, $other->source, $m)) {
                $found = $m[0];
                $at = $other->line - 1;
            }
            if ($other === $one) {
                break;
            }
        }

        return '' !== $found && $this->isApart($one, $at) ? '' : $found;
    }

    /** How many foods stand in one line. */
    private function listedOn(int $line): int
    {
        return \count(array_filter($this->ingredients, static fn (Ingredient $i): bool => $line === $i->line));
    }

    /** A line behind an empty one, where the lines before stood close together, belongs to no heading any more. */
    private function isApart(Ingredient $one, int $heading): bool
    {
        $before = $heading;
        $close = $apart = false;
        foreach ($this->ingredients as $other) {
            if ($other->line <= $heading || $other->line > $one->line) {
                continue;
            }
            $apart = $apart || ($close && $other->line > $before + 1);
            $close = $close || $other->line === $before + 1;
            $before = $other->line;
        }

        return $apart;
    }
}
