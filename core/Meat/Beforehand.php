<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Quantity\Duration;

/** What the cook says happened to the meat before it goes into the pot. */
final readonly class Beforehand
{
    /**
     * @param bool          $frozen the recipe has it frozen, and nobody has said that it is thawed
     * @param WhyWarm|null  $why    it is warmer than a fridge; null where nobody has said
     * @param bool          $thaws  it is put into the fridge in time to thaw: a plan, until somebody says that it has
     * @param Duration|null $since  it left the fridge, or was browned; null where nobody has said
     */
    public function __construct(public bool $frozen = false, public ?WhyWarm $why = null, public ?Duration $since = null,
        public bool $thaws = false)
    {
    }

    public function thawing(): self
    {
        return new self($this->frozen, $this->why, $this->since, $this->frozen);
    }

    /** As it is when the pot goes on, which no plan changes. */
    public function asItIs(bool $thawed): self
    {
        return new self($this->frozen && !$thawed, $this->why, $this->since);
    }

    /** Already on the counter before the work begins. */
    public function onTheCounter(): Duration
    {
        return WhyWarm::LeftOut === $this->why && null !== $this->since ? $this->since : Duration::seconds(0);
    }
}
