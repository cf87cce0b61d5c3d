<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Minutes;

/** One statement of how long something braises, in the company of its sentence. */
final readonly class CookingSentence
{
    /**
     * @param Method|null              $method  null where it must be told from what stands before
     * @param string|null              $setting of a slow cooker: low, medium, high, auto
     * @param array{float, float}|null $celsius
     * @param bool                     $more    another so long, after what was said before
     * @param bool                     $fact    said above the method, not in it
     */
    public function __construct(
        public ?Method $method,
        public ?Minutes $minutes,
        public ?string $setting,
        public ?array $celsius,
        public ?string $lid,
        public bool $more,
        public bool $then,
        public bool $fact,
        public int $line,
    ) {
    }

    public function lasting(?Minutes $minutes): self
    {
        return new self(
            $this->method, $minutes, $this->setting, $this->celsius, $this->lid, $this->more, $this->then, $this->fact, $this->line,
        );
    }
}
