<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\RecipeNeed;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Recipe\Method;

/** Runs an order for each setting. What its physics doesn't depend on, the day and the people, doesn't make it run again. */
final readonly class Evaluation
{
    /** Changed with anything that changes an outcome. */
    private const VERSION = 10;

    public PotRun $pots;

    public function __construct(private OutcomeStore $store = new NothingKept(), Simulation $simulation = new Simulation())
    {
        $this->pots = new PotRun($simulation);
    }

    /**
     * @param list<string> $larger ids of what is cut larger instead of going in late
     *
     * @return non-empty-list<Outcome> Low, Medium where the cooker has it, High, and High then Low where it is wanted or Low is refused
     */
    public function of(BraiseOrder $order, array $larger = []): array
    {
        $low = $this->outcome($order, ProgramChoice::Low, $larger);
        $high = $this->outcome($order, ProgramChoice::High, $larger);
        $outcomes = $order->cooker->hasMedium ? [$low, $this->outcome($order, ProgramChoice::Medium, $larger), $high] : [$low, $high];
        if ((null !== $low->unsafe && null === $high->unsafe) || ProgramChoice::HighThenLow === $order->wishes->choice
            || \in_array(ProgramChoice::HighThenLow->value, $order->ownSettings(), true)) {
            $outcomes[] = $this->outcome($order, ProgramChoice::HighThenLow, $larger);
        }

        return $outcomes;
    }

    /** With the meat's need corrected by what a slow cooker's recipe says of it: its own hours on a setting that this cooker has. */
    public function informed(BraiseOrder $order): BraiseOrder
    {
        $settings = $order->recipe->dish->slowCookerWay()->settings ?? [];
        if (Method::SlowCooker !== $order->recipe->original?->method || $order->choices->refuses(BraiseOrder::NEED_KEY)) {
            return $order;
        }
        foreach ([ProgramChoice::Low, ProgramChoice::High] as $choice) {
            $own = $settings[$choice->value] ?? null;
            if (null !== $own) {
                $need = RecipeNeed::fromSlowCooker($this->pots->load($order, $choice)->best->doseAt($own->low / 60), $order->meat->joint);

                return null === $need ? $order : $order->needing($need);
            }
        }

        return $order;
    }

    /** @param list<string> $larger */
    public function outcome(BraiseOrder $order, ProgramChoice $choice, array $larger = []): Outcome
    {
        $key = hash('xxh128', serialize([self::VERSION, $order->physical(), $choice, $larger]));

        return $this->store->outcome($key, fn (): Outcome => $this->pots->outcome($order, $choice, $larger));
    }
}
