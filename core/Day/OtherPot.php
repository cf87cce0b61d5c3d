<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Another braise of the same day: its work keeps its time, and its cooker is taken. */
final readonly class OtherPot
{
    /**
     * @param bool         $sameCooker as that of the braise being planned
     * @param Interval     $cooks      from switching on to the meal
     * @param list<Placed> $placed
     */
    public function __construct(
        public string $title, public bool $sameCooker, public Interval $cooks, public array $placed, public string $id = '',
    ) {
    }

    /** @param list<Placed> $placed */
    public function placedAnew(array $placed): self
    {
        $named = fn (Placed $p): Placed => new Placed($p->job->of($this->id), $p->from, $p->to, $p->person);

        return new self($this->title, $this->sameCooker, $this->cooks, array_map($named, $placed), $this->id);
    }
}
