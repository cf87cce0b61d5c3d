<?php

declare(strict_types=1);

namespace Pausis\Core\Cooker;

use Pausis\Core\Quantity\Duration;

/** From this time after switching on, the cooker stands at this setting. */
final readonly class SettingChange
{
    public function __construct(public Duration $at, public Setting $setting)
    {
    }
}
