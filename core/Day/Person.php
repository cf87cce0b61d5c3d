<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** One who lends hands. */
final readonly class Person
{
    /** @param string $name empty where there is only one */
    public function __construct(public string $id = '1', public string $name = '', public Presence $presence = new Presence())
    {
    }
}
