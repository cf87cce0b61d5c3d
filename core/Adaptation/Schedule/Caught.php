<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

/** Something that would have to be done while nobody is there, or has a hand free. */
final readonly class Caught
{
    public const COOKER_TAKEN = 'cooker-taken';

    /**
     * @param string                  $code the job's
     * @param string                  $what in the cook's words, or a setting
     * @param \DateTimeImmutable|null $at   null where its time is past
     * @param string                  $food id of what would go in
     * @param bool                    $busy whether somebody is there, but at something else
     */
    public function __construct(
        public string $code, public string $what, public ?\DateTimeImmutable $at, public string $food = '', public bool $busy = false,
    ) {
    }
}
