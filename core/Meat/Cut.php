<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Tenderness\Doneness;

/** A cut of meat for braising: how long its collagen needs, its shape, what it is made of. Data: core/data/cuts.json. */
final readonly class Cut
{
    /**
     * @param float                    $needHours hours at 90 °C at the core until fork-tender
     * @param float                    $needSigma standard deviation of ln need between animals and butchers
     * @param array{float,float,float} $form      proportions of the half-dimensions, smallest first
     * @param float                    $fat       share of the weight without bone
     * @param float                    $bone      share of the weight as sold
     * @param float                    $boneSide  factor on the smallest half-dimension where heat can't enter from the bone's side
     * @param float                    $past      times the need at which the meat is past its best
     * @param list<string>             $words     how recipes name it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $animal,
        public float $needHours,
        public float $needSigma,
        public array $form,
        public float $fat,
        public float $bone,
        public float $boneSide,
        public bool $lean,
        public Temperature $safeCore,
        public float $past,
        public bool $soldInPieces,
        public Mass $typicalPiece,
        public array $words,
    ) {
    }

    public function isPoultry(): bool
    {
        return \in_array($this->animal, ['chicken', 'duck', 'turkey', 'goose', 'guinea fowl'], true);
    }

    /** Times the need at which a doneness level is reached. */
    public function level(Doneness $doneness): float
    {
        return Doneness::Past === $doneness ? $this->past : $doneness->timesNeed();
    }
}
