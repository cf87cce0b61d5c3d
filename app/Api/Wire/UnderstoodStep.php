<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One instruction of the method. */
final readonly class UnderstoodStep
{
    /**
     * @param string       $kind     its code
     * @param list<string> $details  temperature, heat, sign to go by, vessel: what else was understood
     * @param string       $question what should be looked at; empty where nothing
     * @param list<string> $acts     what is done in it, in order, in words
     * @param string       $when     in words; empty where it is in its place
     * @param list<string> $foods    ids of the lines that are taken in it
     * @param string       $said     where it is said for a case only, or not to be done; empty where it is work
     */
    public function __construct(
        public int $line,
        public string $source,
        public string $kind,
        public string $kindText,
        public string $time,
        public array $details,
        public string $question,
        public array $acts,
        public string $said,
        public string $when,
        public array $foods,
    ) {
    }
}
