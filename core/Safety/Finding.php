<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

/** One rule applied to one braise. Wording by code in the interface's catalogue; rules in docs/model.md §7. */
final readonly class Finding
{
    /**
     * @param array<string, float|int|string> $variables measured values and limits, in the unit their name ends in
     * @param string|null                     $remedy    code of a change that the core has checked removes the finding
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $variables = [],
        public ?string $remedy = null,
    ) {
    }

    public function remediedBy(string $remedy): self
    {
        return new self($this->rule, $this->severity, $this->variables, $remedy);
    }
}
