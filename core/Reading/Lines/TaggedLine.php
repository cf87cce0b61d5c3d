<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** A line and what it is taken for. */
final readonly class TaggedLine
{
    /**
     * @param float $sure  that it is, 0–1: of lines said to be so at 0.9, nine in ten are
     * @param float $title that it is the title, 0–1
     */
    public function __construct(public Line $line, public LineLabel $label, public float $sure, public float $title = 0.0)
    {
    }
}
