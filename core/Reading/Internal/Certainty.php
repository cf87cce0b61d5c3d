<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Recipe\Amount;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Guess;

/** How sure an ingredient's reading is, and why it is not surer. */
final readonly class Certainty
{
    /** Roles whose amount hardly matters to a braise, so that its absence is no doubt. */
    private const MINOR = [Role::Salt, Role::Herb, Role::Spice, Role::Garnish, Role::Tool, Role::Fat];

    private function __construct()
    {
    }

    /** @return list<Doubt> */
    public static function doubts(
        ?Amount $amount, ?float $grams, Role $role, ?Cut $cut, string $foodText, string $notes, ?Guess $guess, bool $setByCook,
    ): array {
        $small = \in_array($role, self::MINOR, true);
        $doubts = [];
        if (Role::Unknown === $role) {
            $doubts[] = Doubt::UnknownFood;
        }
        if (Role::Meat === $role && null === $cut && !$setByCook) {
            $doubts[] = Doubt::NoCut;
        }
        if (null === $grams && !$small) {
            $doubts[] = Doubt::NoAmount;
        }
        if (null !== $guess) {
            $doubts[] = Doubt::Misheard;
        }
        if (null !== $amount && $amount->high > $amount->low * 1.3 && !$small) {
            $doubts[] = Doubt::WideRange;
        }
        if (null === $amount?->container
            && $role->isPoured()
            && (true === $amount?->unit?->isContainer() || Unit::Glass === $amount?->unit)) {
            $doubts[] = Doubt::UsualSize;
        }
        if ($role->isPoured() && preg_match('/^or\b/iu', $notes)) {
            $doubts[] = Doubt::OneOfSeveral;
        }

        return $doubts;
    }

    /** @param list<Doubt> $doubts */
    public static function confidence(array $doubts, bool $bare, bool $setByCook): float
    {
        $confidence = $setByCook ? 1.0 : 0.97;
        foreach ($doubts as $doubt) {
            $confidence -= match ($doubt) {
                Doubt::UnknownFood, Doubt::NotAFood => 0.6,
                Doubt::NoAmount => $bare ? 0.35 : 0.3,
                Doubt::Misheard => 0.3,
                Doubt::WideRange => 0.1,
                Doubt::UsualSize, Doubt::OneOfSeveral => 0.15,
                default => 0.2,
            };
        }

        return max(0.05, $confidence);
    }
}
