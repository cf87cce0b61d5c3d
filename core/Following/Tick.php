<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** A job that somebody says was done, or isn't done yet. */
final readonly class Tick
{
    /**
     * @param string                                 $job     id; empty where something else was recorded
     * @param bool                                   $done    or not yet
     * @param \DateTimeImmutable                     $at      of which it is said
     * @param array<string, \DateTimeImmutable|null> $settled when they began, of jobs that counted as done or under way by then, since
     *                                                        their time had come; null where that isn't known
     */
    public function __construct(public string $job, public bool $done, public \DateTimeImmutable $at, public array $settled = [])
    {
    }
}
