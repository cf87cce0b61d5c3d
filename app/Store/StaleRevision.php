<?php

declare(strict_types=1);

namespace Pausis\App\Store;

/** A change was made from a revision that is no longer the newest. */
final class StaleRevision extends \RuntimeException
{
}
