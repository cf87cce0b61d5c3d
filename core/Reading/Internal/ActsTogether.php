<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;

/** What a sentence's acts are together, which none of them tells alone. */
final readonly class ActsTogether
{
    private const SHORT_MINUTES = 16.0;
    private const RESTS = '/\b(?:foil|rest|covered?|warm)\b/iu';
    private const LEAST_REST = 5.0;

    private function __construct()
    {
    }

    /**
     * "Beef out, 15 minutes under foil": it is lifted out, and rests.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function withTheRest(array $acts): array
    {
        $all = [];
        foreach ($acts as $act) {
            $all[] = $act;
            if (ActKind::Lift === $act->kind && ($act->minutes->high ?? 0.0) >= self::LEAST_REST && preg_match(self::RESTS, $act->words)) {
                $all[] = new Act(
                    preg_replace('/\d+$/', '', $act->id).(\count($acts) + \count($all)), ActKind::Rest, $act->foods, $act->minutes,
                    words: $act->words, source: $act->source, said: $act->said,
                );
            }
        }

        return $all;
    }

    /**
     * "Put the ribs in a pot, cover with cold water, bring to the boil and boil for 5 minutes": all of it is blanching.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function blanched(array $acts): array
    {
        $at = array_search(ActKind::Blanch, array_map(static fn (Act $a): ActKind => $a->kind, $acts), true);

        return false === $at ? $acts : array_map(
            static fn (Act $a): Act => \in_array($a->kind, [ActKind::Load, ActKind::HeatUp], true)
                || (ActKind::Cook === $a->kind && ($a->minutes->high ?? 0.0) < self::SHORT_MINUTES) ? $a->as(ActKind::Blanch) : $a,
            $acts,
        );
    }

    /**
     * Acts of one kind beside each other are one: "season and salt".
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public static function merged(array $acts, string $sentence): array
    {
        $kept = [];
        foreach ($acts as $act) {
            $last = $kept[\count($kept) - 1] ?? null;
            if (null !== $last && $last->kind === $act->kind && $last->said === $act->said) {
                array_pop($kept);
                $kept[] = new Act(
                    $last->id, $last->kind, array_values(array_unique([...$last->foods, ...$act->foods])),
                    ($act->minutes->high ?? 0.0) > ($last->minutes->high ?? 0.0) ? $act->minutes : $last->minutes,
                    $last->batches->and($act->batches),
                    $last->celsius
                        ?? $act->celsius, $last->heat, $last->until
                        ?? $act->until, $last->when, self::clauses($last->words, $act->words, $sentence), $sentence,
                    said: $last->said,
                );
            } elseif (ActKind::Other !== $act->kind || [] === $kept) {
                $kept[] = $act;
            }
        }

        return $kept;
    }

    /** Two clauses of a sentence with what stands between them, where they stand in it one after the other. */
    private static function clauses(string $one, string $other, string $sentence): string
    {
        $from = strpos($sentence, $one);
        $to = false === $from ? false : strpos($sentence, $other, $from + \strlen($one));

        return false === $from || false === $to ? "$one, $other" : substr($sentence, $from, $to + \strlen($other) - $from);
    }
}
