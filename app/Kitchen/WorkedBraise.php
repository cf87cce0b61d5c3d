<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Following\Underway;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Ingredient;

/** A draft, and what follows from it. */
final readonly class WorkedBraise
{
    /**
     * @param list<Ingredient>   $understood one a line of the draft
     * @param AdaptedBraise|null $adapted    on the day as planned; null where a problem stands in the way
     * @param WholeDay|null      $whole      null where the braise has no plan
     * @param Underway|null      $underway   once something of it has begun
     * @param list<string>       $wishes     the smallest set that can't all be had; empty where all can
     */
    public function __construct(
        public BraiseDraft $draft, public array $understood, public Problems $problems, public ?AdaptedBraise $adapted,
        public ?WholeDay $whole, public array $wishes = [], public ?Underway $underway = null,
    ) {
    }

    /** As it is being done. */
    public function following(Underway $underway): self
    {
        return new self(
            $this->draft, $this->understood, $this->problems, $underway->whole->braise, $underway->whole, [], $underway,
        );
    }

    /** What follows, although something of it may not have been understood. */
    public function braise(): AdaptedBraise
    {
        return $this->adapted ?? throw new \LogicException('Nothing was adapted.');
    }

    /** @throws \Pausis\Core\Problem\InvalidInput where it can't be worked out */
    public function orThrow(): AdaptedBraise
    {
        $this->problems->throwIfAny();

        return $this->adapted ?? throw new \LogicException('No problem, and nothing adapted.');
    }
}
