<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Quantity\Duration;

/** Something done to the pot while it cooks, at a time after switching on. */
interface Event
{
    public function at(): Duration;
}
