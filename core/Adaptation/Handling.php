<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Liquid\LayerOrder;

/** How the cook goes about it: what is done before, how the pot is loaded, and when it is looked into. */
final readonly class Handling
{
    /** Enough to bring a large joint through the cold hours. */
    public const USUAL_HIGH_HOURS = 2.0;

    /**
     * @param bool                    $hotLiquid           poured in close to the boil
     * @param bool                    $warmInsert          rinsed with hot water first
     * @param list<float>             $lidLifts            hours after switching on
     * @param bool                    $cutsTheNightBefore  vegetables cut the evening before, in the fridge by themselves
     * @param bool                    $mixesTheNightBefore spices measured and mixed
     * @param bool                    $saltsTheNightBefore meat salted, uncovered in the fridge
     * @param \DateTimeImmutable|null $switchOn            set by the cook; null leaves it to the plan
     * @param float                   $highHours           on High before it is turned to Low
     * @param float                   $delayHours          from loading until a timer starts the cooker
     * @param float                   $lateMinutes         by which the guests may be late
     * @param \DateTimeImmutable|null $eatenOn             another day, for which it is chilled and warmed through; null for at once
     * @param bool                    $isOn                switched on at that start: planned from there whatever is wrong with it
     */
    public function __construct(
        public Effort $effort = Effort::Full,
        public bool $hotLiquid = false,
        public bool $warmInsert = false,
        public LayerOrder $layers = LayerOrder::RootsUnder,
        public array $lidLifts = [],
        public ?\DateTimeImmutable $switchOn = null,
        public bool $cutsTheNightBefore = false,
        public bool $mixesTheNightBefore = false,
        public bool $saltsTheNightBefore = false,
        public float $highHours = self::USUAL_HIGH_HOURS,
        public float $delayHours = 0.0,
        public float $lateMinutes = 0.0,
        public bool $isOn = false,
        public ?\DateTimeImmutable $eatenOn = null,
    ) {
    }

    /** Everything goes in cold, as it must where a timer starts the cooker. */
    public function delayed(float $hours): self
    {
        return $this->with(effort: Effort::Cold, hotLiquid: false, warmInsert: false, delayHours: $hours);
    }

    /** Vegetables cut and spices mixed the evening before. */
    public function eveningBefore(): self
    {
        return $this->with(cutsTheNightBefore: true, mixesTheNightBefore: true);
    }

    public function startedAt(?\DateTimeImmutable $switchOn, bool $isOn = false): self
    {
        return $this->with(switchOn: $switchOn, isOn: $isOn);
    }

    /** @param mixed ...$changed by name */
    public function with(mixed ...$changed): self
    {
        /** @var array<string, never> $values names and types are this class's own */
        $values = [...get_object_vars($this), ...$changed];

        return new self(...$values);
    }

    public function isCold(): bool
    {
        return Effort::Cold === $this->effort && !$this->hotLiquid && !$this->warmInsert;
    }
}
