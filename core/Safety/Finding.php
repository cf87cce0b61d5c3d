<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

/** One rule applied to one braise. Wording by code in the interface's catalogue; rules in docs/model.md §7. */
final readonly class Finding
{
    /**
     * @param array<string, float|int|string> $variables measured values and limits, in the unit their name ends in
     * @param string|null                     $remedy    code of a change that the core has checked removes the finding
     * @param bool                            $handled   whether the plan already does it the safe way, so that nothing stands in the way
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $variables = [],
        public ?string $remedy = null,
        public bool $handled = false,
    ) {
    }

    /** Rules of taste and texture, which a cook may know of and go on; no rule of safety is among them. */
    private const OF_QUALITY = ['past-best-before-serving', 'lean-dries', 'lean-in-own-juices', 'raw-wine', 'rather-full'];

    /** Whether it is the cook's own to decide. */
    public function isOfQuality(): bool
    {
        return \in_array($this->rule, self::OF_QUALITY, true) && Severity::Refuse !== $this->severity;
    }

    /** By which a cook's decision to go on is noted. */
    public function notedAs(): string
    {
        return "noted:$this->rule";
    }

    /** Known, and gone on with. */
    public function noted(): self
    {
        return new self($this->rule, Severity::Note, $this->variables, null, $this->handled);
    }

    public function remediedBy(string $remedy): self
    {
        return new self($this->rule, $this->severity, $this->variables, $remedy, $this->handled);
    }

    /** What the plan does the safe way whatever the recipe says. */
    public function doneSafely(): self
    {
        return new self($this->rule, $this->severity, $this->variables, $this->remedy, true);
    }

    /** Whether the braise must not be cooked like that. */
    public function forbids(): bool
    {
        return Severity::Refuse === $this->severity && !$this->handled;
    }
}
