<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One who cooks, on the day. */
final readonly class PersonView
{
    /**
     * @param string         $name empty where there is only one and has no name
     * @param list<SpanView> $away
     * @param list<SpanView> $busy at home
     */
    public function __construct(public string $id, public string $name, public array $away, public array $busy)
    {
    }
}
