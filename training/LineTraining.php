<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\Lines\Lexicon;
use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\LineFeatures;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Sequence\Chain;
use Pausis\Core\Sequence\Fitting;

/**
 * Fits the line tagger to the labelled recipes, and measures it on hands that it wasn't fitted to.
 *
 * @phpstan-type Example array{recipe: Recipe, lines: list<Line>, seen: list<list<string>>, noisy: list<list<string>>, is: list<int>}
 */
final readonly class LineTraining
{
    public const ROUNDS = 20;
    private const SEED = 20_261;

    /** @var list<Example> */
    public array $examples;

    public function __construct()
    {
        $features = new LineFeatures(Lexicon::of(Larder::load(), Cuts::load()));
        $places = array_flip(self::labels());
        $examples = [];
        $noise = new Noise(self::SEED);
        foreach (Corpus::recipes() as $recipe) {
            $lines = Labels::lines($recipe);
            $is = Labels::of($recipe, $lines)
                ?? throw new \RuntimeException("$recipe->name: lines.tsv has other lines than the text; bin/train --label cuts it anew.");
            $examples[] = [
                'recipe' => $recipe, 'lines' => $lines, 'seen' => $features->of($lines), 'noisy' => $features->of($noise->on($lines)),
                'is' => array_map(static fn (LineLabel $l): int => $places[$l->value], $is),
            ];
        }
        $this->examples = $examples;
    }

    /** @return list<string> */
    public static function labels(): array
    {
        return array_map(static fn (LineLabel $l): string => $l->value, LineLabel::cases());
    }

    /** @return array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float} */
    public function weights(?int $without = null): array
    {
        $of = array_values(array_filter($this->examples, static fn (array $e): bool => $e['recipe']->hand !== $without));

        return (new Fitting(self::labels(), self::SEED))->fit(
            [
                ...array_map(static fn (array $e): array => [$e['seen'], $e['is']], $of),
                ...array_map(
                    static fn (array $e): array => [$e['noisy'], $e['is']],
                    array_filter($of, static fn (int $k): bool => 0 === $k % 2, \ARRAY_FILTER_USE_KEY),
                ),
            ],
            self::ROUNDS,
        );
    }

    /** @return list<int> */
    public function hands(): array
    {
        $hands = array_values(array_unique(array_map(static fn (array $e): int => $e['recipe']->hand, $this->examples)));
        sort($hands);

        return $hands;
    }

    /**
     * Each line of one hand's recipes as told by what the other hands teach.
     *
     * @return list<array{example: int, line: int, is: int, told: int, sure: float}>
     */
    public function told(int $hand): array
    {
        $chain = Chain::of($this->weights($hand));
        $told = [];
        foreach ($this->examples as $e => $example) {
            if ($example['recipe']->hand !== $hand) {
                continue;
            }
            foreach ($chain->marginals($example['seen']) as $k => $likely) {
                $best = 0;
                foreach ($likely as $place => $probability) {
                    $best = $probability > $likely[$best] ? $place : $best;
                }
                $told[] = [
                    'example' => $e, 'line' => $k, 'is' => $example['is'][$k], 'told' => $best, 'sure' => $likely[$best],
                ];
            }
        }

        return $told;
    }
}
