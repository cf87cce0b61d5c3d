<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Quantity\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What is true of a house, its cooker, each animal and each piece, and what its fork says; knows nothing of core/Learning
 * but the names of the answers.
 */
final class Nature
{
    private readonly Randomizer $random;
    public readonly float $heat;
    public readonly float $loss;
    public readonly float $need;
    private readonly float $eye;
    private Deviation $piece;

    /**
     * @param float|null $heat    of the cooker; null for one as most are
     * @param bool       $outside of the model: the pot has a warm and a cool side, meat conducts more or less, mains and lids differ from
     *                            day to day
     */
    public function __construct(
        int $number, private readonly Simulation $simulation, ?float $heat = null, private readonly bool $outside = false,
        private readonly float $wrong = 0.0,
    ) {
        $this->random = new Randomizer(new Mt19937($number));
        $this->heat = $heat ?? exp(0.08 * $this->normal());
        $this->loss = exp(0.06 * $this->normal());
        $this->need = exp(0.107 * $this->normal());
        $this->eye = exp(0.06 * $this->normal());
        $this->piece = new Deviation();
    }

    public function nextPiece(): void
    {
        $zone = $this->outside ? exp(0.03 * $this->normal()) : 1.0;
        $conducts = $this->outside ? 0.8 + 0.4 * $this->uniform() : 1.0;
        $this->piece = new Deviation(
            $this->heat * $zone, $this->loss, $this->need * exp(0.145 * $this->normal()),
            $this->eye * exp(0.08 * $this->normal()) / sqrt($conducts), 3 * $this->normal(),
        );
    }

    public function readyHours(Setup $setup): float
    {
        return $this->simulation->run($setup, $this->piece, 40)->doneness[1];
    }

    public function pastHours(Setup $setup): float
    {
        return $this->simulation->run($setup, $this->piece, 40)->doneness[3];
    }

    public function answer(Setup $setup, float $hour): ForkAnswer
    {
        if ($this->uniform() < $this->wrong) {
            return ForkAnswer::cases()[(int) (4 * $this->uniform())];
        }
        $seen = $this->simulation->run($setup, $this->piece, 40, watched: [Duration::hours($hour)->seconds])->seen[0];
        $felt = $seen->dose / ($setup->joint->needHours * $this->piece->need) + 0.12 * $this->normal();

        return match (true) {
            $felt < 0.90 => ForkAnswer::Resists,
            $felt < 0.97 => ForkAnswer::Gives,
            $felt < 1.30 => ForkAnswer::SlidesIn,
            default => ForkAnswer::FallsApart,
        };
    }

    private function uniform(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * \M_PI * $this->uniform());
    }
}
