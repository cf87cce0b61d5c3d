<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One thing that a cook wants otherwise next time, in words that were understood. */
final readonly class Wish
{
    /**
     * @param string      $words as written
     * @param list<int>   $foods places among the recipe's ingredients; none where it is of the meat, the sauce or all
     * @param float       $by    minutes longer, a factor on an amount, or steps up where positive and down where negative
     * @param string|null $more  an amount that is added, as written; by is 1 or -1 then
     * @param string      $to    the setting
     */
    public function __construct(
        public WishKind $kind, public string $words, public array $foods = [], public float $by = 0.0, public ?string $more = null,
        public string $to = '',
    ) {
    }
}
