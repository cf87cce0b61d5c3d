<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Recipe\StepKind;

/** A step of the adapted method: as written, or in other words by its code. */
final readonly class AdaptedStep
{
    /**
     * @param string                          $source    as written; empty for a step that the recipe doesn't have
     * @param string                          $code      why it is not as written; empty where it is
     * @param array<string, float|int|string> $variables numbers in the unit their name ends in
     */
    public function __construct(
        public StepFate $fate,
        public StepKind $kind,
        public string $source,
        public string $code = '',
        public array $variables = [],
        public string $key = '',
        public bool $refused = false,
    ) {
    }

    /** Whether the adapted recipe says it in its own words. */
    public function asWritten(): bool
    {
        return StepFate::Stays === $this->fate || ($this->refused && StepFate::Added !== $this->fate);
    }

    public function remains(): bool
    {
        return $this->asWritten() || (!$this->refused && StepFate::Gone !== $this->fate);
    }
}
