<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;

/** An act as it is done in this pot: as written, in other words by its code, or not at all. */
final readonly class Deed
{
    private const MOST_WORDS = 70;
    private const GRILL = '/\b(?:grill|broiler)\b/iu';
    private const ROASTED = '/\boven\b|\broasting (?:tin|pan|tray)\b|\b(?:roast|bake) (?:it |them |the \p{L}+ )?(?:for|until|till|at'
        .'|uncovered)\b/iu';
    private const OVEN = '/\b(?:oven|roast\w*|bak(?:e|ed|ing))\b/iu';

    /**
     * @param string                          $code      of the words that say it; empty where the recipe's own do
     * @param array<string, float|int|string> $variables of them, numbers in the unit their name ends in
     * @param string                          $key       by which the change can be refused; empty where it can't
     * @param bool                            $refused   the cook does it as written
     * @param float|null                      $beforeEnd minutes before the sauce is begun, of what goes in late
     * @param float|null                      $atHour    after switching on, in its stead
     * @param string                          $with      id of the act that tells it too; empty where none does
     */
    public function __construct(
        public Act $act,
        public Stage $stage,
        public Fate $fate = Fate::Stays,
        public string $code = '',
        public array $variables = [],
        public string $key = '',
        public bool $refused = false,
        public ?float $beforeEnd = null,
        public ?float $atHour = null,
        public bool $isBeside = false,
        public string $with = '',
    ) {
    }

    /**
     * What the recipe doesn't have.
     *
     * @param list<string>                    $foods     ids
     * @param array<string, float|int|string> $variables
     */
    public static function added(ActKind $kind, Stage $stage, string $code, array $foods = [], array $variables = []): self
    {
        $id = implode('-', ['added', $code, ...$foods]);

        return new self(new Act($id, $kind, $foods), $stage, Fate::Added, $code, $variables);
    }

    /** Of something made beside the braise. */
    public function beside(): self
    {
        return new self($this->act, $this->stage, $this->fate, $this->code, $this->variables, isBeside: true);
    }

    /** @param array<string, float|int|string> $variables */
    public function told(string $code, array $variables = []): self
    {
        return $this->changed($this->stage, $this->fate, $code, $variables);
    }

    /** @param array<string, float|int|string> $variables */
    public function otherwise(string $code, array $variables = [], string $key = '', bool $refused = false): self
    {
        return new self(
            $this->act, $this->stage, Fate::Changed, $code, $variables, $key, $refused, $this->beforeEnd, $this->atHour, $this->isBeside,
        );
    }

    /**
     * @param string                          $code      why; empty where it is nothing to speak of
     * @param array<string, float|int|string> $variables of the words that say it
     */
    public function gone(string $code = '', string $key = '', bool $refused = false, array $variables = []): self
    {
        return new self($this->act, $this->stage, Fate::Gone, $code, $variables, $key, $refused, isBeside: $this->isBeside);
    }

    /** Done in one with another, which says it. */
    public function toldWith(self $other): self
    {
        return new self($this->act, $this->stage, Fate::Gone, isBeside: $this->isBeside, with: $other->act->id);
    }

    /** Another kind of act, where it can't be done as it is. */
    public function as(ActKind $kind): self
    {
        return new self(
            $this->act->as($kind), $this->stage, $this->fate, $this->code, $this->variables, $this->key, $this->refused, $this->beforeEnd,
            $this->atHour, $this->isBeside,
        );
    }

    /** @param list<string> $foods ids */
    public function taking(array $foods): self
    {
        return new self(
            $this->act->taking($foods), $this->stage, $this->fate, $this->code, $this->variables, $this->key, $this->refused,
            $this->beforeEnd, $this->atHour, $this->isBeside,
        );
    }

    public function in(Stage $stage): self
    {
        return $this->changed($stage, $this->fate, $this->code, $this->variables);
    }

    public function lateBy(float $minutes): self
    {
        return new self(
            $this->act, Stage::During, $this->fate, $this->code, $this->variables, $this->key, $this->refused, $minutes, null,
            $this->isBeside,
        );
    }

    public function atHour(float $hour): self
    {
        return new self(
            $this->act, Stage::During, $this->fate, $this->code, $this->variables, $this->key, $this->refused, null, $hour, $this->isBeside,
        );
    }

    public function refusedBy(string $key, bool $refused): self
    {
        return new self(
            $this->act, $this->stage, $this->fate, $this->code, $this->variables, $key, $refused, $this->beforeEnd, $this->atHour,
            $this->isBeside,
        );
    }

    /** The sentence of the recipe that it stands in. */
    public function sentence(): string
    {
        return (string) preg_replace('/\.\d+$/', '', $this->act->id);
    }

    /** By which a change of it is refused. */
    public function keyOf(string $code): string
    {
        return "step:{$this->sentence()}:$code";
    }

    public function is(ActKind ...$kinds): bool
    {
        return \in_array($this->act->kind, $kinds, true);
    }

    public function isUnderTheGrill(): bool
    {
        return (bool) preg_match(self::GRILL, $this->act->source);
    }

    /** What is crisped is done under the grill, unless its own words speak of the oven and of no grill. */
    public function isInTheOven(): bool
    {
        return preg_match(self::OVEN, $this->act->source) && !$this->isUnderTheGrill();
    }

    /** Whether meat is browned in the oven. */
    public function isRoastedBrown(): bool
    {
        return $this->is(ActKind::Brown) && preg_match(self::ROASTED, $this->act->words);
    }

    /** Whether the recipe's own words say it. */
    public function asWritten(): bool
    {
        return (Fate::Stays === $this->fate && '' === $this->code) || ($this->refused && \in_array(
            $this->fate, [Fate::Changed, Fate::Gone], true,
        ));
    }

    public function remains(): bool
    {
        return $this->asWritten() || (!$this->refused && Fate::Gone !== $this->fate);
    }

    /** @param array<string, float|int|string> $variables */
    private function changed(Stage $stage, Fate $fate, string $code, array $variables): self
    {
        return new self(
            $this->act, $stage, $fate, $code, $variables, $this->key, $this->refused, $this->beforeEnd, $this->atHour, $this->isBeside,
        );
    }

    /** Its own words, or its sentence's, cut short where they are many. */
    public function words(): string
    {
        return self::shortened(rtrim('' === $this->act->words ? $this->act->source : $this->act->words, ' .,;'));
    }

    public static function shortened(string $words): string
    {
        return mb_strlen($words) > self::MOST_WORDS ? rtrim(mb_substr($words, 0, self::MOST_WORDS), ' …').'…' : $words;
    }
}
