<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What was done about a pot: boiled (minutes), took-out (a weight), thawed. */
final readonly class CookFact
{
    public function __construct(
        #[Assert\Length(max: 20)] public string $fact,
        #[Assert\Length(max: 40)] public string $value = '',
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
