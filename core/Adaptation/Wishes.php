<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Tenderness\Doneness;

/** How a cook wants a braise. */
final readonly class Wishes
{
    /** What tastes right to most: 0.9 to 1.1 %. */
    public const USUAL_SALT_PERCENT = 1.0;

    /** @param ProgramChoice|null $choice of the setting; null leaves it to the plan */
    public function __construct(
        public LevelSchool $level = LevelSchool::OwnJuices,
        public Doneness $texture = Doneness::Fork,
        public Thickness $thickness = Thickness::CoatsSpoon,
        public Thickener $thickener = Thickener::CornStarch,
        public ?ProgramChoice $choice = null,
        public float $saltAimPercent = self::USUAL_SALT_PERCENT,
        public Sureness $sureness = Sureness::NineInTen,
    ) {
    }

    public function atLevel(LevelSchool $level): self
    {
        return new self($level, $this->texture, $this->thickness, $this->thickener, $this->choice, $this->saltAimPercent, $this->sureness);
    }

    public function choosing(?ProgramChoice $choice): self
    {
        return new self($this->level, $this->texture, $this->thickness, $this->thickener, $choice, $this->saltAimPercent, $this->sureness);
    }

    public function asSureAs(Sureness $sureness): self
    {
        return new self($this->level, $this->texture, $this->thickness, $this->thickener, $this->choice, $this->saltAimPercent, $sureness);
    }
}
