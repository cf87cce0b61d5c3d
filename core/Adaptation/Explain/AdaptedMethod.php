<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\Process;

/** The process as steps to read: sentences whole where all of them stands, else the clauses that do. */
final class AdaptedMethod
{
    /** @return list<PrintedStep> in the order in which they are done on the day */
    public static function of(AdaptedBraise $braise): array
    {
        $process = $braise->chosen->process;
        $at = array_flip($braise->turn);
        $deeds = $process->remaining();
        $rank = [];
        $last = -1.0;
        foreach ($deeds as $deed) {
            // What has no time on the day stays behind what it stood behind.
            $rank[$deed->act->id] = $last = isset($at[$deed->act->id]) ? (float) $at[$deed->act->id] : $last + 0.001;
        }
        usort($deeds, static fn (Deed $a, Deed $b): int => $rank[$a->act->id] <=> $rank[$b->act->id]);
        $told = [];
        foreach ($process->deeds as $deed) {
            $told[$deed->sentence()] = ($told[$deed->sentence()] ?? 0) + 1;
        }
        $steps = $group = [];
        foreach ($deeds as $deed) {
            if ([] !== $group && (!$deed->asWritten() || $deed->sentence() !== $group[0]->sentence())) {
                $steps[] = self::written($group, $told);
                $group = [];
            }
            if ($deed->asWritten()) {
                $group[] = $deed;
            } else {
                $steps[] = new PrintedStep([$deed->act->id], self::clause($deed), $deed);
            }
        }

        return [] === $group ? $steps : [...$steps, self::written($group, $told)];
    }

    /**
     * @param non-empty-list<Deed> $group of one sentence
     * @param array<string, int>   $told  acts of each sentence
     */
    private static function written(array $group, array $told): PrintedStep
    {
        $acts = array_map(static fn (Deed $d): string => $d->act->id, $group);
        if (\count($group) === $told[$group[0]->sentence()]) {
            return new PrintedStep($acts, self::sentence($group[0]->act->source));
        }
        $clauses = array_map(self::clause(...), $group);
        $more = array_map(lcfirst(...), \array_slice($clauses, 1));

        return new PrintedStep($acts, self::sentence(implode(', ', [$clauses[0], ...$more])));
    }

    /** The act's own words as the beginning of a sentence. */
    private static function clause(Deed $deed): string
    {
        $words = rtrim(self::plain('' === $deed->act->words ? $deed->act->source : $deed->act->words), '.,; ');

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** Begun as a sentence is, without the number before it, and ended as one. */
    public static function sentence(string $text): string
    {
        $plain = (string) preg_replace('/^(?:\d\x{FE0F}?\x{20E3}|[\x{2610}-\x{2714}\x{25A0}-\x{25FF}•*–—-])+\s*/u', '', self::plain($text));
        $begun = mb_strtoupper(mb_substr($plain, 0, 1)).mb_substr($plain, 1);

        return preg_match('/[\p{L}\p{N}%°’\'"”]$/u', $begun)
            ? "$begun."
            : rtrim($begun, ',;: ').(preg_match('/[,;:]\s*$/u', $begun) ? '.' : '');
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
