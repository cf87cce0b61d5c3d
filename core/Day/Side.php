<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/**
 * A side dish: a chain of jobs that ends on the table.
 *
 * @phpstan-type Link array{code: string, base: float, each: float, hands?: bool, ring?: int, oven?: int, waits: int, rests?: int}
 */
final readonly class Side
{
    /** How long a dish that isn't known may wait, prepared and done, minutes. */
    private const RAW_WAITS = 120;
    private const DONE_WAITS = 15;

    /**
     * @param string       $takes  for one serving
     * @param list<Link>   $chain
     * @param string       $staple what it is made of
     * @param float|null   $grams  of that for one serving
     * @param list<string> $words  by which a recipe names it
     * @param list<string> $not    by which it names another
     * @param list<string> $else   by which it does where it names no other of the same staple
     * @param float|null   $own    servings that a recipe's own amount makes
     * @param string       $of     that amount, as the recipe writes it
     * @param list<string> $acts   of the recipe that it does, ids
     * @param list<string> $done   jobs of it, ids
     */
    public function __construct(
        public string $id, public string $name, public string $takes, private array $chain, public string $staple = '',
        public ?float $grams = null, public array $words = [], public array $else = [], public array $not = [],
        private ?float $own = null, private string $of = '',
        private array $acts = [],
        private array $done = [],
    ) {
    }

    /**
     * What is left of it when those jobs are done, and what leads to them.
     *
     * @param list<string> $done ids
     */
    public function without(array $done): self
    {
        return new self(
            $this->id, $this->name, $this->takes, $this->chain, $this->staple, $this->grams, $this->words, $this->else, $this->not,
            $this->own, $this->of, $this->acts, $done,
        );
    }

    /**
     * As much of it as a recipe has, and in its words.
     *
     * @param list<string> $acts ids
     */
    public function ofRecipe(?float $grams, string $of, array $acts): self
    {
        return new self(
            $this->id, $this->name, $this->takes, $this->chain, $this->staple, $this->grams, $this->words, $this->else, $this->not,
            null === $this->grams || null === $grams ? null : $grams / $this->grams, $of, $acts,
        );
    }

    /** A cook's own: some work with the hands, then some cooking; either may be nothing. */
    public static function own(string $id, string $name, int $workMinutes, int $cookMinutes, bool $ring, bool $oven): self
    {
        $chain = [];
        if ($workMinutes > 0) {
            $chain[] = [
                'code' => 'own-work', 'base' => (float) $workMinutes, 'each' => 0.0, 'hands' => true,
                'waits' => $cookMinutes > 0 ? self::RAW_WAITS : self::DONE_WAITS,
            ];
        }
        if ($cookMinutes > 0) {
            $chain[] = [
                'code' => 'own-cook', 'base' => (float) $cookMinutes, 'each' => 0.0, 'ring' => $ring ? 1 : 0, 'oven' => $oven ? 1 : 0,
                'waits' => self::DONE_WAITS,
            ];
        }

        return new self($id, $name, '', $chain);
    }

    /** @return list<Job> in order of time */
    public function jobs(int $servings): array
    {
        $jobs = [];
        foreach ($this->chain as $k => $link) {
            $jobs[] = new Job(
                "$this->id-$k", $link['code'], ['side' => 0 === $k && '' !== $this->of ? "$this->name, $this->of" : $this->name],
                (int) ceil($link['base'] + $link['each'] * ($this->own ?? $servings)),
                $link['hands']
                    ?? false, $link['ring']
                    ?? 0, $link['oven']
                    ?? 0, $link['waits'], isset($this->chain[$k + 1]) ? "$this->id-".($k + 1) : null, rests: $link['rests']
                    ?? 0, acts: 0 === $k ? $this->acts : []);
        }

        $last = -1;
        foreach ($jobs as $k => $job) {
            $last = \in_array($job->id, $this->done, true) ? $k : $last;
        }

        return \array_slice($jobs, $last + 1);
    }
}
