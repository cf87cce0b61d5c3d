<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Why no plan serves on time, and the nearest dinners that the planner has itself checked would work, looked for when asked. */
final class Clash
{
    /** @var array{\DateTimeImmutable|null, \DateTimeImmutable|null}|null */
    private ?array $found = null;

    /**
     * @param array<string, float|int|string|\DateTimeImmutable>                         $variables
     * @param (\Closure(): array{\DateTimeImmutable|null, \DateTimeImmutable|null})|null $dinners   after the one that is wanted, and before
     * @param Hindrance|null                                                             $hindrance where somebody was needed
     */
    public function __construct(
        public readonly ClashReason $reason, public readonly array $variables, private readonly ?\Closure $dinners = null,
        public readonly ?Hindrance $hindrance = null,
    ) {
    }

    /** The nearest dinner that works after the one that is wanted. */
    public function serveFrom(): ?\DateTimeImmutable
    {
        return $this->dinners()[0];
    }

    /** The nearest before it. */
    public function serveBefore(): ?\DateTimeImmutable
    {
        return $this->dinners()[1];
    }

    /** @return array{\DateTimeImmutable|null, \DateTimeImmutable|null} */
    private function dinners(): array
    {
        return $this->found ??= null === $this->dinners ? [null, null] : ($this->dinners)();
    }
}
