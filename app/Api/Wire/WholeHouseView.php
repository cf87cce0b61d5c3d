<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What taking a house's file in would do, or has done. */
final readonly class WholeHouseView
{
    /**
     * @param string       $written when the file was, in words
     * @param list<string> $beside  what each part comes to, in words, where it is put beside what is here
     * @param list<string> $instead where it takes its place
     * @param string       $copy    where a copy of what was replaced lies; empty where nothing was
     */
    public function __construct(
        public string $written,
        public array $beside,
        public array $instead,
        public bool $taken,
        public string $copy,
    ) {
    }
}
