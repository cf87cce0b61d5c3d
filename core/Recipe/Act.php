<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One thing done, as a recipe says it. */
final readonly class Act
{
    private const OFF_THE_BONE = '/\b(?:(?:off|from) (?:the|its|their)|off (?:the )?(?:skin and (?:the )?)?)\s*bones?\b'
        .'(?!.*\b(?:shred\w*|apart|strands)\b)/iu';

    public When $when;

    /**
     * @param string       $id      of its own, which outlives edits
     * @param list<string> $foods   ids of ingredients; meat, base, liquid, sauce for what they have become
     * @param float|null   $celsius of an oven
     * @param string|null  $heat    of a hob (low, medium-low, medium, medium-high, high) or the setting of a slow cooker
     * @param Batches      $batches how often the minutes are spent
     * @param string|null  $until   the sign to go by, as written
     * @param string       $words   those that tell it, as written
     * @param string       $source  the sentence that it stands in, as written
     * @param int          $line    of it, 1-based; 0 where it came from no line
     * @param Said         $said    whether it is to be done
     */
    public function __construct(
        public string $id,
        public ActKind $kind,
        public array $foods = [],
        public ?Minutes $minutes = null,
        public Batches $batches = new Batches(),
        public ?float $celsius = null,
        public ?string $heat = null,
        public ?string $until = null,
        ?When $when = null,
        public string $words = '',
        public string $source = '',
        public int $line = 0,
        public Said $said = Said::Asserted,
    ) {
        $this->when = $when ?? When::before();
    }

    public function at(When $when): self
    {
        return $this->changed($this->kind, $this->minutes, $when);
    }

    public function as(ActKind $kind): self
    {
        return $this->changed($kind, $this->minutes, $this->when);
    }

    public function lasting(?Minutes $minutes): self
    {
        return $this->changed($this->kind, $minutes ?? $this->minutes, $this->when);
    }

    /** @param list<string> $foods ids */
    public function taking(array $foods): self
    {
        return new self(
            $this->id, $this->kind, $foods, $this->minutes, $this->batches, $this->celsius, $this->heat, $this->until, $this->when,
            $this->words, $this->source, $this->line, $this->said,
        );
    }

    /** @return string the id of the sentence that tells it */
    public function step(): string
    {
        return (string) strtok($this->id, '.');
    }

    public function onLine(int $line): self
    {
        return new self(
            $this->id, $this->kind, $this->foods, $this->minutes, $this->batches, $this->celsius, $this->heat, $this->until, $this->when,
            $this->words, $this->source, $line, $this->said,
        );
    }

    public function said(Said $said): self
    {
        return new self(
            $this->id, $this->kind, $this->foods, $this->minutes, $this->batches, $this->celsius, $this->heat, $this->until, $this->when,
            $this->words, $this->source, $this->line, $said,
        );
    }

    /** Whether the recipe says to do it, and doesn't only speak of it. */
    public function isDone(): bool
    {
        return Said::Asserted === $this->said;
    }

    /** Whether it is meat that is only taken off its bones. */
    public function takesOffTheBone(): bool
    {
        return ActKind::Shred === $this->kind && 1 === preg_match(self::OFF_THE_BONE, $this->words);
    }

    /** Whether meat is pulled to shreds in it. */
    public function pullsApart(): bool
    {
        return ActKind::Shred === $this->kind && !$this->takesOffTheBone();
    }

    /** Whether it tells all of its sentence. */
    public function isAlone(): bool
    {
        return '' === $this->words || trim($this->words) === trim($this->source);
    }

    private function changed(ActKind $kind, ?Minutes $minutes, When $when): self
    {
        return new self(
            $this->id, $kind, $this->foods, $minutes, $this->batches, $this->celsius, $this->heat, $this->until, $when, $this->words,
            $this->source, $this->line, $this->said,
        );
    }
}
