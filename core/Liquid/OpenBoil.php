<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Quantity\Length;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\BoiledTo;

/** A sauce boiled down without a lid, as a recipe says it: to a share or an amount, for so long, or until it looks right. */
final readonly class OpenBoil
{
    private const HARD = '/\b(?:boil\w*|rapid\w*|hard|fast|fierce\w*|high heat|bubbl\w*|reduc\w*)\b/iu';
    private const A_LITTLE = '/\b(?:slightly|a little|a bit|briefly)\b/iu';
    /** Left where a recipe only says how it should look; estimates, docs/model.md §6. */
    private const LEFT_BY_LOOKS = 0.45;
    private const LEFT_OF_A_LITTLE = 0.85;
    /** However long it says, it isn't boiled dry. */
    private const LEAST_LEFT = 0.2;

    /** @param float|null $grams that an open pan loses in the time given */
    private function __construct(private ?BoiledTo $to, private ?float $grams, private float $share)
    {
    }

    public static function of(Act $act, Length $pan): self
    {
        $words = $act->words.' '.$act->until;
        $minutes = ActKind::LidOff === $act->kind ? $act->when->offset?->middle() ?? $act->minutes?->middle() : $act->minutes?->middle();
        $rate = match (true) {
            ActKind::LidOff === $act->kind => Reduction::OpenPot,
            1 === preg_match(self::HARD, $act->words) => Reduction::RollingBoil,
            default => Reduction::SteadySimmer,
        };

        return new self(
            BoiledTo::in($words), null === $minutes ? null : Reduction::gramsIn($minutes, $pan, $rate),
            preg_match(self::A_LITTLE, $words) ? self::LEFT_OF_A_LITTLE : self::LEFT_BY_LOOKS,
        );
    }

    /** mL that go off so many. */
    public function away(float $millilitres): float
    {
        return match (true) {
            null !== $this->to => $millilitres - $this->to->left($millilitres),
            null !== $this->grams => min($this->grams, (1 - self::LEAST_LEFT) * $millilitres),
            default => (1 - $this->share) * $millilitres,
        };
    }
}
