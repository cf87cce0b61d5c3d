<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** One step of the recipe as the cook left it; what is empty, and foods that are null, stand as they were read. */
final readonly class StepDraft
{
    /**
     * @param string            $when   evening-before, before, after-start, before-end, end
     * @param string            $offset how long after switching on or before the end
     * @param list<string>|null $foods  ids of the lines that it takes
     */
    public function __construct(
        public int $line,
        #[Assert\Length(max: 4000)] public string $source,
        #[Assert\Length(max: 20)] public string $kind = '',
        #[Assert\Length(max: 40)] public string $minutes = '',
        #[Assert\Length(max: 40)] public string $id = '',
        #[Assert\Length(max: 20)] public string $when = '',
        #[Assert\Length(max: 40)] public string $offset = '',
        #[Assert\Count(max: 200), Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])] public ?array $foods = null,
    ) {
    }
}
