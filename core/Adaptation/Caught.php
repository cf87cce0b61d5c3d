<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** Work that falls into a time at which nobody is there, or that has passed. */
final readonly class Caught
{
    /**
     * @param string                  $code add-food, turn-setting, fork-test, portion, into-fridge, cooker-taken; evening-soak-beans, evening-cut-vegetables, evening-mix-spices, evening-salt-meat
     * @param string                  $what the food, the setting, or the other braise
     * @param \DateTimeImmutable|null $at   null where the time has passed
     */
    public function __construct(public string $code, public string $what, public ?\DateTimeImmutable $at)
    {
    }
}
