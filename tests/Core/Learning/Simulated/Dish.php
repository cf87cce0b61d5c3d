<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

/** What a house cooks, in bare numbers: the tests' own model is built from them, and the core's set-up. */
final readonly class Dish
{
    /**
     * @param array{float, float, float} $form       half-dimensions beside each other
     * @param float                      $need       hours at 90 °C
     * @param float                      $stock      kg, of the room
     * @param float                      $vegetables kg, of 15 °C
     */
    private function __construct(
        public string $cut, public float $kilograms, public int $pieces, public array $form, public float $need, public float $litres,
        public float $watts, public float $stock, public float $vegetables,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self('beef-chuck', 1.3, 1, [1, 1.7, 2.4], 3.6, 5.7, 241.5, 0.5, 0.5),
            new self('lamb-shoulder', 1.0, 1, [1, 1.6, 2.2], 3.0, 3.5, 180.0, 0.35, 0.35),
            new self('pork-shoulder', 2.0, 1, [1, 1.4, 2], 3.2, 6.5, 261.0, 0.4, 0.6),
            new self('beef-shin', 1.5, 3, [1, 2, 2], 5.0, 5.7, 241.5, 0.6, 0.5),
        ];
    }
}
