<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\NativeClock;

/** A clock that stands at the moment that a file has (ISO 8601), for walking through a day: whoever writes the file moves it. */
final readonly class ClockInFile implements ClockInterface
{
    public function __construct(private string $file, private \DateTimeZone $zone = new \DateTimeZone('UTC'))
    {
    }

    public function now(): \DateTimeImmutable
    {
        return (new \DateTimeImmutable(trim((string) file_get_contents($this->file))))->setTimezone($this->zone);
    }

    public function sleep(float|int $seconds): void
    {
        (new NativeClock())->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return new self($this->file, \is_string($timezone) ? new \DateTimeZone($timezone) : $timezone);
    }
}
