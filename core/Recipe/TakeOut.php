<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** Something that comes out of the pot again and isn't eaten. */
final readonly class TakeOut
{
    /**
     * @param string  $id     of its own
     * @param string  $name   in the recipe's words
     * @param ActKind $before the act before which it must be out
     */
    public function __construct(public string $id, public string $name, public ActKind $before = ActKind::Serve)
    {
    }
}
