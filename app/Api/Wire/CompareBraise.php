<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A draft, and changes of it of which each is to be compared with it. */
final readonly class CompareBraise
{
    /**
     * @param list<array<string, mixed>> $changes merge patches (RFC 7396)
     */
    public function __construct(
        #[Assert\Valid] public BraiseDraft $draft,
        #[Assert\Count(max: 8)] public array $changes,
    ) {
    }
}
