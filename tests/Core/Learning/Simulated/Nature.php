<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What is true of a house: its cookers, its butcher, its fork, and each animal and piece. Knows nothing of core/ but the
 * names of the answers.
 */
final class Nature
{
    private readonly Randomizer $random;
    /** @var array<string, array{float, float, float}> beside the label: heat, loss, and Low's share of High, of each cooker */
    private array $cookers = [];
    public readonly float $need;
    /** @var array<string, float> by cut */
    private array $butcher = [];
    /** @var array<string, float> by cut */
    private array $eye = [];
    /** Where the meat lies, K below the pot. */
    private readonly float $cool;
    private readonly float $decade;

    /**
     * @param bool       $broken whether it breaks the model: a cool zone, meat that conducts otherwise, another ratio of the settings and
     *                           another rate, forks that differ and one answer in thirty that means nothing
     * @param float|null $heat   of every cooker; null for such as most are
     */
    public function __construct(int $number, private readonly bool $broken = false, private readonly ?float $heat = null)
    {
        $this->random = new Randomizer(new Mt19937($number));
        $this->need = exp(0.062 * $this->normal());
        $this->cool = $broken ? 3.0 * $this->uniform() : 0.0;
        $this->decade = $broken ? 24 + 9 * $this->uniform() : 28.0;
    }

    /** Of one cook: the house's cooker, this animal, this piece. */
    public function piece(Dish $dish, string $cooker, float $changed = 1.0): Truth
    {
        $this->cookers[$cooker] ??= [
            $this->heat ?? exp(0.08 * $this->normal()), exp(0.06 * $this->normal()), $this->broken ? 0.62 + 0.12 * $this->uniform() : 0.68,
        ];
        [$heat, $loss, $low] = $this->cookers[$cooker];

        return new Truth(
            $heat * $changed, $loss, $low, $this->needOf($dish) * exp(0.145 * $this->normal()),
            ($this->eye[$dish->cut] ??= exp(0.06 * $this->normal())) * exp(0.08 * $this->normal()), 3 * $this->normal(),
            $this->broken ? 0.8 + 0.4 * $this->uniform() : 1.0, $this->cool, $this->decade,
        );
    }

    /** The household's part of a cut's need. */
    public function needOf(Dish $dish): float
    {
        return $this->need * ($this->butcher[$dish->cut] ??= exp(0.087 * $this->normal()));
    }

    public function heatOf(string $cooker): float
    {
        return $this->cookers[$cooker][0];
    }

    /** What the fork says where the dose is such a share of the need. */
    public function answer(float $share): string
    {
        if ($this->broken && $this->uniform() < 1 / 30) {
            return ['resists', 'gives', 'slides-in', 'falls-apart'][(int) (4 * $this->uniform())];
        }
        $felt = $share + ($this->broken ? 0.16 : 0.12) * $this->normal();

        return match (true) {
            $felt < 0.90 => 'resists',
            $felt < 0.97 => 'gives',
            $felt < 1.30 => 'slides-in',
            default => 'falls-apart',
        };
    }

    /** A thermometer in the liquid. */
    public function reading(float $celsius): float
    {
        return $celsius + 1.5 * $this->normal();
    }

    public function uniform(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * \M_PI * $this->uniform());
    }
}
