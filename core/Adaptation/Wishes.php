<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Tenderness\Doneness;

/** How a cook wants a braise. */
final readonly class Wishes
{
    /** What tastes right to most: 0.9 to 1.1 %. */
    public const USUAL_SALT_PERCENT = 1.0;

    /**
     * @param Thickness|null     $thickness of the sauce; null as the recipe makes it
     * @param ProgramChoice|null $choice    of the setting; null leaves it to the plan
     * @param ProgramChoice|null $habit     on which this house cooks where the recipe says nothing
     */
    public function __construct(
        public LevelSchool $level = LevelSchool::OwnJuices,
        public Doneness $texture = Doneness::Fork,
        public ?Thickness $thickness = Thickness::CoatsSpoon,
        public Thickener $thickener = Thickener::CornStarch,
        public ?ProgramChoice $choice = null,
        public float $saltAimPercent = self::USUAL_SALT_PERCENT,
        public Sureness $sureness = Sureness::NineInTen,
        public ThickenedBy $by = ThickenedBy::Starch,
        public ?ProgramChoice $habit = null,
    ) {
    }

    public function atLevel(LevelSchool $level): self
    {
        return $this->with(level: $level);
    }

    public function choosing(?ProgramChoice $choice): self
    {
        return $this->with(choice: $choice);
    }

    /** With its sauce closed another way than was wished. */
    public function closing(Closing $closing): self
    {
        return $closing->asPlanned ? $this : $this->with(
            thickness: null === $closing->by ? Thickness::Stock : $closing->thickness,
            thickener: $closing->thickener, by: $closing->by ?? ThickenedBy::Starch,
        );
    }

    public function asSureAs(Sureness $sureness): self
    {
        return $this->with(sureness: $sureness);
    }

    /** @param mixed ...$changed by name */
    private function with(mixed ...$changed): self
    {
        /** @var array<string, never> $values names and types are this class's own */
        $values = [...get_object_vars($this), ...$changed];

        return new self(...$values);
    }
}
