<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\Change;

/** What makes an impossible day possible, or takes a worry away: changes of the order, and the dinner that they lead to. */
final readonly class WayOut
{
    /**
     * @param string                          $code      for the words
     * @param list<Change>                    $changes   none where it is only advice
     * @param \DateTimeImmutable|null         $serve     dinner; null where it stays
     * @param array<string, float|int|string> $variables numbers in the unit their name ends in
     */
    public function __construct(
        public string $code, public array $changes, public ?\DateTimeImmutable $serve = null, public array $variables = [],
    ) {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        foreach ($this->changes as $change) {
            $order = $change->of($order);
        }

        return $order;
    }
}
