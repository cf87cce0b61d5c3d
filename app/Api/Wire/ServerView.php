<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The house's own server: where phones find it, how its store is, and who was let in. */
final readonly class ServerView
{
    /**
     * @param string           $address  under which a phone finds it; empty where it serves this machine alone
     * @param string           $trust    where a phone learns to trust it; empty with it
     * @param string           $calendar to subscribe to; empty with it
     * @param string           $store    its size
     * @param string           $copy     when the last copy was made, and where it lies; empty where there is none
     * @param list<DeviceView> $devices
     */
    public function __construct(
        public string $address, public string $trust, public string $calendar, public string $store, public string $copy,
        public array $devices,
    ) {
    }
}
