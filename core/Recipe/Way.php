<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One way in which a recipe may be cooked. Ways are alternatives: chosen among, never summed. */
final readonly class Way
{
    /**
     * @param Minutes|null                                                              $minutes  of the whole way; of a slow cooker those
     *                                                                                            of its lowest setting
     * @param array{float, float}|null                                                  $celsius  of the oven, from and to
     * @param array<string, Minutes>                                                    $settings of a slow cooker: low, medium, high,
     *                                                                                            auto, or several joined by +
     * @param list<array{setting: string, minutes: Minutes}>                            $phases   where its setting changes
     * @param string|null                                                               $lid      lidded, ajar, open; null if unsaid
     * @param list<array{ingredient: int, factor: float|null, millilitres: float|null}> $amounts  what it takes otherwise
     */
    public function __construct(
        public Method $method,
        public ?Minutes $minutes = null,
        public ?array $celsius = null,
        public array $settings = [],
        public array $phases = [],
        public ?string $lid = null,
        public array $amounts = [],
        public float $confidence = 1.0,
    ) {
    }

    /** @param list<array{ingredient: int, factor: float|null, millilitres: float|null}> $amounts */
    public function taking(array $amounts): self
    {
        return new self(
            $this->method, $this->minutes, $this->celsius, $this->settings, $this->phases, $this->lid, $amounts, $this->confidence,
        );
    }

    /** Hours on High before it is turned to Low; null where it isn't. */
    public function hoursOnHighFirst(): ?float
    {
        return ['high', 'low'] === array_column($this->phases, 'setting') ? $this->phases[0]['minutes']->middle() / 60 : null;
    }

    public function original(): ?OriginalMethod
    {
        return null === $this->minutes || $this->minutes->middle() <= 0 ? null
            : new OriginalMethod(
                $this->method, $this->minutes->middle() / 60,
                null === $this->celsius ? null : ($this->celsius[0] + $this->celsius[1]) / 2,
            );
    }
}
