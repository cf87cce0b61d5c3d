<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\Rules\SidesCut;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\Chain;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Safety\Rules;

/** All that is done for a braise, in order of the day: each act of the process in one piece of work, and what it takes. */
final readonly class Work
{
    /** What needs no meat out of its fridge. */
    private const WITHOUT_MEAT = ['cut-vegetables', 'mix-spices', 'mix', 'beans-on', 'boil-beans', 'warm-insert', 'stand'];

    private const BEGUN_SOONER = [Sides::WORK, SidesCut::CODE, 'heat-oven'];
    private const NEED_IT_SHREDDED = ['back-in', 'crisp', 'glaze'];

    /** @param list<Chore> $chores */
    public function __construct(public array $chores)
    {
    }

    /**
     * What is left of it when those are done.
     *
     * @param list<string> $done ids
     */
    public function without(array $done): self
    {
        return new self(array_values(array_filter($this->chores, static fn (Chore $c): bool => !\in_array($c->id, $done, true))));
    }

    /** @return list<Chore> */
    public function in(Stage ...$stages): array
    {
        return array_values(array_filter($this->chores, static fn (Chore $c): bool => \in_array($c->stage, $stages, true)));
    }

    /** Whether it goes on beside the rest of the finish: sides, and meat shredded or rested while the sauce boils down by itself. */
    public function isBeside(Chore $chore): bool
    {
        return \in_array($chore->code, self::BEGUN_SOONER, true) || match ($chore->code) {
            'shred-meat', 'carve-meat', 'rest-meat' => $this->has('reduce') && !$this->has(...self::NEED_IT_SHREDDED),
            default => false,
        };
    }

    /** @return list<Chore> from the pot to the plate, without what goes on beside it from sooner on */
    public function fromThePot(): array
    {
        return array_values(array_filter(
            $this->in(Stage::Finish, Stage::Table), static fn (Chore $c): bool => !\in_array($c->code, self::BEGUN_SOONER, true),
        ));
    }

    private function has(string ...$codes): bool
    {
        return [] !== array_filter($this->chores, static fn (Chore $c): bool => \in_array($c->code, $codes, true));
    }

    /** Minutes of work before the pot is on. */
    public function before(): Sum
    {
        return new Sum('hands-on-before', 'min', self::terms($this->in(Stage::Before, Stage::Start)));
    }

    /** Minutes from the pot to the plate. */
    public function finish(): Sum
    {
        return new Sum('hands-on-finish', 'min', self::terms($this->in(Stage::Finish, Stage::Table)));
    }

    /** Minutes from beginning to switching on: beans boil for longer than the work beside them may take. */
    public function lead(): float
    {
        $total = $this->before()->total;
        $beans = array_filter($this->chores, static fn (Chore $c): bool => 'beans-on' === $c->code);

        return [] === $beans ? $total : max($total, HandsOn::BEANS_ON + Rules::BEAN_MINUTES + HandsOn::LOADING);
    }

    /** The work before the pot is on; beans boil for longer than what is done beside them. */
    public function toLoading(): Chain
    {
        $links = self::links($this->in(Stage::Before, Stage::Start));
        $more = (int) ceil($this->lead() - $this->before()->total);

        return new Chain($more < 1 ? $links : [['minutes' => $more, 'hands' => false, 'waits' => 0], ...$links]);
    }

    public function toThePlate(): Chain
    {
        return new Chain(self::links(array_values(array_filter(
            $this->in(Stage::Finish, Stage::Table), fn (Chore $c): bool => !$this->isBeside($c),
        ))));
    }

    /** Minutes by which the sauce may be begun sooner than it must be, since what comes of its pieces may wait. */
    public function waitsBeforeThePlate(): int
    {
        return (int) array_sum(array_map(
            fn (Chore $c): int => null === $c->term || $this->isBeside($c) ? 0 : $c->waits, $this->in(Stage::Finish, Stage::Table),
        ));
    }

    /** How long the meat is out of the fridge before the pot is on, minutes: browned, and loaded. */
    public function outOfFridge(): float
    {
        $minutes = 0.0;
        foreach ($this->in(Stage::Before, Stage::Start) as $chore) {
            $minutes += \in_array($chore->code, self::WITHOUT_MEAT, true) ? 0.0 : $chore->term->value ?? 0.0;
        }

        return $minutes;
    }

    /** Minutes from lifting the meat out until it is plated; 0 where it stays in the pot. */
    public function fromLiftToPlate(): float
    {
        $minutes = 0.0;
        $lifted = false;
        foreach ($this->in(Stage::Finish, Stage::Table) as $chore) {
            $minutes += $lifted ? $chore->term->value ?? 0.0 : 0.0;
            $lifted = $lifted || 'lift-out' === $chore->code;
        }

        return $minutes;
    }

    /** The same without the loading itself. */
    public function beforeLoading(): float
    {
        return $this->outOfFridge() - HandsOn::LOADING;
    }

    /**
     * @param list<Chore> $chores
     *
     * @return list<array{minutes: int, hands: bool, waits: int}>
     */
    private static function links(array $chores): array
    {
        $links = [];
        foreach ($chores as $chore) {
            if (null !== $chore->term) {
                $links[] = ['minutes' => (int) round($chore->term->value), 'hands' => $chore->uses->hands(), 'waits' => $chore->waits];
            }
        }

        return $links;
    }

    /**
     * @param list<Chore> $chores
     *
     * @return list<Term>
     */
    private static function terms(array $chores): array
    {
        return array_values(array_filter(array_map(static fn (Chore $c): ?Term => $c->term, $chores)));
    }
}
