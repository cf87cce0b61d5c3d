<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A device that was let in. */
final readonly class DeviceView
{
    public function __construct(public string $id, public string $name, public string $seen, public bool $isThis)
    {
    }
}
