<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What was made of one line of the recipe. */
final readonly class UnderstoodIngredient
{
    /**
     * @param float                 $confidence 0 to 1
     * @param string                $sureness   sure, fairly or guess
     * @param list<string>          $doubts     why not surer, in words
     * @param list<SuggestedAnswer> $answers    to the question, the likeliest first
     * @param list<int>             $pieces     how many may be meant where meat is cut up without a number
     */
    public function __construct(
        public int $line,
        public string $source,
        public string $amount,
        public string $food,
        public string $role,
        public string $roleText,
        public string $quantity,
        public float $confidence,
        public string $sureness,
        public string $question,
        public array $doubts,
        public array $answers = [],
        public array $pieces = [],
    ) {
    }
}
