<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

/** One answer to a question: the fields of the request that say it. */
final readonly class Offer
{
    /**
     * @param string                             $code      of its words
     * @param array<string, float|int|string>    $variables of its words
     * @param array<string, string|list<string>> $changes   field to value
     */
    public function __construct(public string $code, public array $variables, public array $changes)
    {
    }
}
