<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a recipe's parts and acts say of the whole: what belongs where, when it goes in, what comes out, how it is finished. */
final readonly class Structure
{
    /**
     * @param list<PartKind>           $parts          of each ingredient
     * @param list<Minutes|null>       $late           before the end of the braise, of each ingredient
     * @param Pieces|null              $pieces         of meat as they lie in the pot
     * @param array{float, float}|null $sizeCm         edge or thickness of a piece
     * @param list<TakeOut>            $takeOut
     * @param list<Act>                $finish         after the braise, in order
     * @param string                   $browned        none, meat, meat+onions
     * @param string|null              $marinade       keep, discard; null without one
     * @param float|null               $uncoverMinutes before the end, when the lid comes off
     */
    public function __construct(
        public array $parts,
        public array $late,
        public ?Pieces $pieces,
        public ?array $sizeCm,
        public array $takeOut,
        public array $finish,
        public bool $bonesServed,
        public string $browned,
        public bool $blanched,
        public ?string $marinade,
        public ?float $uncoverMinutes,
    ) {
    }
}
