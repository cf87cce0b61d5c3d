<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** All a cook has said about one braise, as typed. */
final readonly class BraiseDraft
{
    /**
     * @param list<IngredientDraft> $ingredients
     * @param list<AwayDraft>       $away
     * @param string                $serveAt     local: YYYY-MM-DDT and a time as typed
     * @param string                $setting     auto, or a way of running the cooker
     * @param list<StepDraft>       $steps
     * @param string                $measures    whose cups and spoons; empty for a guess from the text
     * @param list<string>          $refused     keys of ledger entries
     * @param list<string>          $sides       ids of side dishes
     * @param list<PinDraft>        $pins        of their jobs
     * @param list<OwnSide>         $ownSides
     * @param string                $sure        how often dinner is to be in time
     * @param list<LedgerAmount>    $amounts     set otherwise in the ledger
     * @param list<string>          $left        stretches of the text that the cook has said to leave
     */
    public function __construct(
        #[Assert\Length(max: 200)] public string $title,
        #[Assert\Length(max: 20)] public string $serves,
        #[Assert\Length(max: 200_000, countUnit: Assert\Length::COUNT_BYTES)] public string $recipeText,
        #[Assert\Count(max: 200)] #[Assert\Valid] public array $ingredients,
        #[Assert\Valid] public OriginalDraft $original,
        #[Assert\Valid] public MeatDraft $meat,
        #[Assert\Length(max: 36)] public string $cookerId,
        #[Assert\Length(max: 60)] public string $serveAt,
        #[Assert\Count(max: 20)] #[Assert\Valid] public array $away,
        #[Assert\Length(max: 20)] public string $level,
        #[Assert\Length(max: 20)] public string $texture,
        #[Assert\Length(max: 20)] public string $thickness,
        #[Assert\Length(max: 20)] public string $thickener,
        #[Assert\Length(max: 20)] public string $setting,
        #[Assert\Count(max: 300)] #[Assert\Valid] public array $steps = [],
        #[Assert\Length(max: 20)] public string $measures = '',
        #[Assert\Count(max: 300)] #[Assert\All([new Assert\Length(max: 300)])] public array $refused = [],
        #[Assert\Count(max: 100)] #[Assert\Valid] public array $amounts = [],
        #[Assert\Valid] public HandlingDraft $handling = new HandlingDraft(),
        #[Assert\Count(max: 30)] #[Assert\All([new Assert\Length(max: 40)])] public array $sides = [],
        #[Assert\Count(max: 60)] #[Assert\Valid] public array $pins = [],
        #[Assert\Count(max: 10)] #[Assert\Valid] public array $ownSides = [],
        #[Assert\Length(max: 30)] public string $sure = 'nine-in-ten',
        #[Assert\Count(max: 200)] #[Assert\All([new Assert\Length(max: 2000)])] public array $left = [],
    ) {
    }

    /**
     * @param list<IngredientDraft> $ingredients
     * @param list<StepDraft>       $steps
     * @param list<string>          $refused
     */
    public function with(array $ingredients, array $steps, array $refused): self
    {
        return new self(
            $this->title, $this->serves, $this->recipeText, $ingredients, $this->original, $this->meat, $this->cookerId, $this->serveAt,
            $this->away,
            $this->level, $this->texture, $this->thickness, $this->thickener, $this->setting, $steps, $this->measures, $refused,
            $this->amounts,
            $this->handling, $this->sides, $this->pins, $this->ownSides, $this->sure, $this->left);
    }
}
