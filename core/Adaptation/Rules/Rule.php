<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** One thing that a slow cooker makes of a recipe: which acts it concerns, what becomes of them, and what the ledger says of it. */
interface Rule
{
    public function applied(Process $process, Circumstances $in): Process;
}
