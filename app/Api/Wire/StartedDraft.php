<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** When a pot was switched on, and on what; an empty time leaves it. */
final readonly class StartedDraft
{
    public function __construct(#[Assert\Length(max: 20)] public string $setting, #[Assert\Length(max: 40)] public string $at = '')
    {
    }
}
