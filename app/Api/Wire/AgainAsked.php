<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A braise that is to be cooked again: with what of what was wanted otherwise. */
final readonly class AgainAsked
{
    /**
     * @param string         $text  what to change, in the cook's words
     * @param list<int>|null $taken which of it, from 0; null for all that can be
     */
    public function __construct(
        #[Assert\Length(max: 2000)] public string $text,
        #[Assert\Count(max: 50)] #[Assert\All([new Assert\Type('int')])] public ?array $taken = null,
    ) {
    }
}
