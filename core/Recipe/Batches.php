<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** How often the minutes of an act are spent: on each side of the meat, with each load of the pan. */
final readonly class Batches
{
    private const PER_SIDE = '/\b(?:a|per|each|on each|on every|each of the|on both) sides?\b|\/ ?side\b|\ball sides\b.{0,20}\beach\b/iu';
    private const COUNT = '/\b(?:in|need|takes?|do) (?<n>two|three|four|five|six|\d) (?:batches|lots|goes|rounds|loads)\b/iu';
    private const EACH = '/\b(?:batch(?:es)?|lots|rounds|loads)\b.{0,40}\b(?:each|apiece|a time)\b|\b(?:per|a|each|every) (?:batch|lot'
        .'|round|load)\b/iu';
    private const SEVERAL = '/\bin (?:small |several |a few )?batches\b|\ba few (?:pieces )?at a time\b/iu';
    private const NUMBERS = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];
    /** "they have four sides" */
    private const OF_SIDES = '/\b(?<n>three|four|six) sides\b/iu';
    private const SIDES = 2;
    private const FEWEST = 2;

    /** @param int|null $count null where the recipe leaves it to the pan */
    public function __construct(
        public bool $perSide = false, public ?int $count = null, public bool $each = false, public bool $several = false,
        public int $sides = self::SIDES,
    ) {
    }

    public static function in(string $clause): self
    {
        $count = preg_match(self::COUNT, $clause, $m) ? self::NUMBERS[mb_strtolower($m['n'])] ?? (int) $m['n'] : null;

        return new self(
            1 === preg_match(self::PER_SIDE, $clause), $count, 1 === preg_match(self::EACH, $clause),
            1 === preg_match(self::SEVERAL, $clause),
            preg_match(self::OF_SIDES, $clause, $s) ? self::NUMBERS[mb_strtolower($s['n'])] : self::SIDES,
        );
    }

    /** Of minutes that are those of all sides already. */
    public function allTold(): self
    {
        return new self(false, $this->count, $this->each || ($this->perSide && null !== $this->count), $this->several);
    }

    public function and(self $other): self
    {
        return new self(
            $this->perSide || $other->perSide, $this->count ?? $other->count, $this->each || $other->each,
            $this->several || $other->several, max($this->sides, $other->sides),
        );
    }

    /** All of it, in minutes, with as many loads as the pan needs where the recipe doesn't say. */
    public function of(Minutes $minutes, int $loads): float
    {
        $loads = $this->count ?? max($loads, $this->several ? self::FEWEST : 1);

        return $minutes->middle() * ($this->perSide ? $this->sides : 1) * ($this->perSide || $this->each ? $loads : 1);
    }
}
