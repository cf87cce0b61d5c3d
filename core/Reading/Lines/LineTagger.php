<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Sequence\Chain;

/** Tells what each line of a text is, by its words and by those around it. Trained by bin/train (docs/reading.md). */
final readonly class LineTagger
{
    private LineFeatures $features;

    public function __construct(private Chain $chain, Larder $larder, Cuts $cuts)
    {
        $this->features = new LineFeatures(Lexicon::of($larder, $cuts));
    }

    public static function load(Larder $larder, Cuts $cuts): self
    {
        /** @var array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float} $weights */
        $weights = require __DIR__.'/../../data/reading/lines.php';

        return new self(Chain::of($weights), $larder, $cuts);
    }

    /**
     * @param list<Line> $lines those of one text, in order
     *
     * @return list<TaggedLine>
     */
    public function tag(array $lines): array
    {
        $names = array_values(array_filter($lines, static fn (Line $l): bool => '@' === $l->mark));
        $lines = array_values(array_filter($lines, static fn (Line $l): bool => '@' !== $l->mark));
        $from = Window::from($lines);
        $tagged = array_map(
            static fn (Line $l): TaggedLine => new TaggedLine($l, LineLabel::Around, 1.0),
            [...$names, ...\array_slice($lines, 0, $from), ...\array_slice($lines, $from + Window::MOST_LINES)],
        );
        $lines = \array_slice($lines, $from, Window::MOST_LINES);
        $title = (int) array_search(LineLabel::Title->value, $this->chain->labels, true);
        foreach ($this->chain->marginals($this->features->of($lines)) as $k => $likely) {
            $best = 0;
            foreach ($likely as $place => $probability) {
                $best = $probability > $likely[$best] ? $place : $best;
            }
            $tagged[] = new TaggedLine($lines[$k], LineLabel::from($this->chain->labels[$best]), $likely[$best], $likely[$title]);
        }

        usort($tagged, static fn (TaggedLine $a, TaggedLine $b): int => $a->line->whole->start <=> $b->line->whole->start);

        return $tagged;
    }
}
