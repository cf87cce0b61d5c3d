<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** What a recipe is told in: a line of its list or page, a sentence of its paragraphs, a clause of its speech. */
final readonly class Line
{
    /**
     * @param Stretch $whole    with the mark before it
     * @param Stretch $said     without
     * @param string  $mark     what it begins with: "#" for each level of a heading, "-" for a bullet, "1" for a number, ">", "|", or ""
     * @param int     $place    among the sentences of its line, from 0
     * @param int     $of       sentences of its line
     * @param Voice   $voice    whose it is, where several speak
     * @param bool    $opens    whether a blank line or the beginning stands before it
     * @param bool    $closes   whether a blank line or the end stands behind it
     * @param int     $indented by so many characters
     */
    public function __construct(
        public Stretch $whole, public Stretch $said, public string $mark = '', public int $place = 0, public int $of = 1,
        public Voice $voice = Voice::Nobody, public bool $opens = false, public bool $closes = false, public int $indented = 0,
    ) {
    }
}
