<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A braise: what was typed, what is wrong with it, and what follows from it. */
final readonly class BraiseView
{
    /**
     * @param list<UnderstoodIngredient> $understood
     * @param list<ProblemView>          $problems
     * @param list<UnderstoodStep>       $steps
     */
    public function __construct(
        public string $id,
        public int $revision,
        public BraiseDraft $draft,
        public array $understood,
        public array $problems,
        public ?Adaptation $adaptation,
        public array $steps,
        public ?string $cookId,
    ) {
    }

    /** With what was typed as it is stored. */
    public function as(BraiseDraft $draft): self
    {
        return new self(
            $this->id, $this->revision, $draft, $this->understood, $this->problems, $this->adaptation, $this->steps, $this->cookId,
        );
    }
}
