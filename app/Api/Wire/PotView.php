<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The loaded insert, to scale: lengths in cm. */
final readonly class PotView
{
    /**
     * @param list<float>           $piece  thickness, width, length
     * @param list<RootView>        $roots  the largest share first
     * @param list<string>          $leaves herbs that come out again
     * @param list<FurtherMeatView> $others meats of other lines
     */
    public function __construct(
        public float $depth,
        public float $width,
        public float $vegetables,
        public float $meat,
        public array $piece,
        public int $pieces,
        public int $layers,
        public float $level,
        public float $levelAtEnd,
        public float $fill,
        public string $fillText,
        public string $text,
        public SumView $below,
        public bool $bone,
        public float $fat,
        public string $order,
        public array $roots,
        public array $leaves,
        public string $levelText,
        public string $endText,
        public string $rootsText,
        public string $fatText,
        public string $heightText,
        public array $others,
    ) {
    }
}
