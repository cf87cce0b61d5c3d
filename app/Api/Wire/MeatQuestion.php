<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Which of these cuts would be ready for the dinner of a draft. */
final readonly class MeatQuestion
{
    /**
     * @param list<string> $cuts ids
     */
    public function __construct(
        #[Assert\Valid] public BraiseDraft $draft,
        #[Assert\Count(max: 10)] #[Assert\All([new Assert\Length(max: 40)])] public array $cuts,
    ) {
    }
}
