<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\Lines\Flow;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;

/** Collects what each stretch of a source was taken for, and fills the gaps, so that nothing is dropped. */
final class Marking
{
    /** Numbering of steps, and the words between two clauses. */
    private const BETWEEN = '/^\W*(?:(?:step\s*)?\d{1,2}[.):]?|(?:and|then|so|after\s+that|next|once|when|you|also|plus|or|\W)+|)\W*$/iu';

    /** @var list<array{int, int, MarkKind, int|null}> start, end, kind, index; later ones lie within or beside earlier ones */
    private array $claims = [];

    public function claim(Stretch $stretch, MarkKind $kind, ?int $index = null): void
    {
        $this->claims[] = [$stretch->start, $stretch->end(), $kind, $index];
    }

    public function claimIngredient(Stretch $stretch, Ingredient $read, int $index): void
    {
        $this->claim($stretch, MarkKind::Note, $index);
        $at = 0;
        foreach ([[$read->amountText, MarkKind::Amount], [$read->foodText, MarkKind::Food]] as [$text, $kind]) {
            $found = '' === $text ? false : strpos($stretch->text, $text, $at);
            $found = false === $found && '' !== $text ? strpos($stretch->text, $text) : $found;
            if (false === $found && MarkKind::Food === $kind) {
                // "juice of a lemon" is lemon juice: the fruit stands for it.
                $text = strtok($text, ' ') ?: '';
                $found = '' === $text ? false : stripos($stretch->text, $text);
            }
            if (false !== $found) {
                $this->claim($stretch->part($found, \strlen($text)), $kind, $index);
                $at = $found + \strlen($text);
            }
        }
    }

    /**
     * @param string $text the source, of which the flow is what was read
     *
     * @return list<Mark>
     */
    public function over(string $text, Flow $flow): array
    {
        $edges = [0, \strlen($text)];
        $claims = [];
        foreach ($flow->left as [$start, $end]) {
            $claims[] = [$start, $end, MarkKind::Around, null];
        }
        foreach ($this->claims as [$from, $to, $kind, $index]) {
            foreach ($flow->sourceOf($from, $to) as [$start, $end]) {
                $claims[] = [$start, $end, $kind, $index];
            }
        }
        foreach ($claims as [$start, $end]) {
            array_push($edges, $start, $end);
        }
        $edges = array_values(array_unique($edges));
        sort($edges);
        $place = array_flip($edges);
        $taken = array_fill(0, max(0, \count($edges) - 1), null);
        foreach ($claims as [$start, $end, $kind, $index]) {
            for ($i = $place[$start]; $i < $place[$end]; ++$i) {
                $taken[$i] = [$kind, $index];
            }
        }

        return $this->joined($text, $edges, $taken);
    }

    /**
     * @param list<int>                                  $edges
     * @param array<int, array{MarkKind, int|null}|null> $taken
     *
     * @return list<Mark>
     */
    private function joined(string $text, array $edges, array $taken): array
    {
        $marks = [];
        foreach ($taken as $i => $what) {
            $part = substr($text, $edges[$i], $edges[$i + 1] - $edges[$i]);
            if (null === $what) {
                $what = [
                    preg_match('/[\p{L}\p{N}]/u', $part) && !preg_match(self::BETWEEN, $part) ? MarkKind::Unread : MarkKind::Blank, null,
                ];
            }
            $marks[] = new Mark($part, $what[0], $what[1]);
        }

        return $marks;
    }
}
