<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\Core\Problem\Problem;

/** What has to be said before something can be done, and the answers there are. */
final readonly class Question
{
    /** @param list<Offer> $offers */
    public function __construct(public Problem $problem, public array $offers)
    {
    }
}
