<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A draft, and for how many servings or how much meat it is wanted. */
final readonly class ScaleBraise
{
    public function __construct(#[Assert\Valid] public BraiseDraft $draft, #[Assert\Length(max: 40)] public string $to)
    {
    }
}
