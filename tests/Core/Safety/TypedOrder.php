<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;

/**
 * What was typed, and what whoever typed it meant.
 *
 * @phpstan-type MeatTyped array{cut: string, kg: float, pieces: int, cm: float|null, a: float, e: float, poultry: bool}
 */
final readonly class TypedOrder
{
    private const OTHERS_KG = 0.55;

    /**
     * @param list<string>              $lines
     * @param non-empty-list<MeatTyped> $meats
     * @param list<array{string, bool}> $beans and whether they are raw
     */
    public function __construct(
        public BraiseOrder $order, public array $lines, public array $meats, public bool $frozen, public array $beans, public float $litres,
    ) {
    }

    /** Fried onions and stock as they go in, the meat from the fridge. */
    public function pot(AdaptedBraise $braise): SecondOpinion
    {
        $liquid = $braise->chosen->sauce->load / 1000 * 4100;
        $others = self::OTHERS_KG * 3900;

        return new SecondOpinion(
            array_map(static fn (array $m): array => [
                'kg' => $m['kg'], 'pieces' => $m['pieces'], 'a' => $m['a'], 'e' => $m['e'], 'celsius' => 5.0, 'poultry' => $m['poultry'],
            ], $this->meats),
            $this->litres, 85 * $this->litres ** 0.6, $liquid + $others, 20 * $liquid + 60 * $others, 20.0,
            $this->order->room->altitudeMetres,
        );
    }

    public function litresLoaded(AdaptedBraise $braise): float
    {
        return array_sum(array_column($this->meats, 'kg')) / 1.05 + self::OTHERS_KG / 1.03 + $braise->chosen->sauce->load / 1000;
    }
}
