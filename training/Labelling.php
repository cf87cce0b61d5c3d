<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\LineTagger;

/** Labels recipes whose lines aren't labelled yet, or are cut otherwise now: what was said of a line stays said. */
final readonly class Labelling
{
    /** A line as like one of before as this is that line. */
    private const ALIKE = 75.0;
    private const SURE = 0.6;
    private const OF_THE_TRUTH = [LineLabel::Step, LineLabel::Ingredient, LineLabel::Title];

    /** @return list<string> what to look through, line by line */
    public static function anew(): array
    {
        $tagger = LineTagger::load(Larder::load(), Cuts::load());
        $look = [];
        foreach (Corpus::recipes() as $recipe) {
            $lines = Labels::lines($recipe);
            if (null !== Labels::of($recipe, $lines)) {
                continue;
            }
            $before = Labels::before($recipe);
            $aligned = [] === $recipe->truth ? [] : Aligning::labels($recipe, $lines);
            $labels = [];
            foreach ($tagger->tag($lines) as $k => $told) {
                $label = self::said($before, $told->line);
                if (null === $label) {
                    $label = $aligned[$k] ?? $told->label;
                    $label = $told->sure > self::SURE && !\in_array($label, self::OF_THE_TRUTH, true) ? $told->label : $label;
                    $look[] = "$recipe->name:".($k + 1)." $label->value\t".mb_substr($told->line->whole->text, 0, 100);
                }
                $labels[] = $label;
            }
            Labels::keep($recipe, $lines, $labels);
        }

        return $look;
    }

    /** @param array<string, list<LineLabel>> $before */
    private static function said(array $before, Line $line): ?LineLabel
    {
        $best = null;
        $most = self::ALIKE;
        foreach ($before as $text => $labels) {
            $text = (string) $text;
            similar_text($text, $line->whole->text, $alike);
            $alike = str_contains($text, $line->said->text) ? max($alike, 99.0) : $alike;
            if ($alike > $most) {
                [$best, $most] = [$labels[0], $alike];
            }
        }

        return $best;
    }
}
