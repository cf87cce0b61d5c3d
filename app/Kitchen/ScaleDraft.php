<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\Scaling;
use Pausis\Core\Reading\TypedQuantity;

/** A draft for more or for fewer: every amount, the meat, its pieces and the servings, as a merge patch (RFC 7396) of it. */
final readonly class ScaleDraft
{
    private const SERVINGS = '/^\s*(?:for\s+)?(?<n>\d{1,4})\s*(?:servings?|people|persons?|portions?)?\s*$/iu';

    public function __construct(private House $house)
    {
    }

    /** @return array{float, array<string, mixed>}|null the factor, and the patch; null where a problem stands in the way */
    public function to(string $wanted, BraiseDraft $draft, Problems $problems): ?array
    {
        $factor = $this->factor($wanted, $draft, $problems);
        if (null === $factor) {
            return null;
        }
        if ($factor < Scaling::LEAST || $factor > Scaling::MOST) {
            $problems->add('scaled-too-far', 'to', ['typed' => $wanted]);

            return null;
        }

        return [$factor, $this->patch($draft, new Scaling($factor))];
    }

    private function factor(string $wanted, BraiseDraft $draft, Problems $problems): ?float
    {
        if (preg_match(self::SERVINGS, $wanted, $m)) {
            $now = preg_match('/^\s*\d{1,3}\s*$/', $draft->serves) ? (int) $draft->serves : 0;
            if ($now < 1) {
                $problems->add('number-not-understood', 'serves', ['typed' => $draft->serves]);
            }
            $problems->within(Range::servings(), (float) $m['n'], 'to');

            return $problems->none() ? (int) $m['n'] / $now : null;
        }
        $kilograms = TypedQuantity::kilograms($wanted, 'to', $problems);
        $now = TypedQuantity::kilograms($draft->meat->weight, 'meat.weight', $problems);
        if (null !== $kilograms) {
            $problems->within(Range::meatKilograms(), $kilograms, 'to');
        }

        return $problems->none() && null !== $now && $now > 0 && null !== $kilograms ? $kilograms / $now : null;
    }

    /** @return array<string, mixed> */
    private function patch(BraiseDraft $draft, Scaling $scaling): array
    {
        $kilograms = TypedQuantity::kilograms($draft->meat->weight, 'meat.weight', new Problems());
        $pieces = preg_match('/^\s*\d{1,3}\s*$/', $draft->meat->pieces) ? (int) $draft->meat->pieces : null;
        $serves = preg_match('/^\s*\d{1,3}\s*$/', $draft->serves) ? (int) $draft->serves : null;

        return [
            'ingredients' => array_map(static fn (IngredientDraft $i): array => [
                ...get_object_vars($i), 'amount' => $scaling->amount($i->amount),
            ], $draft->ingredients),
            'meat' => [
                ...(null === $kilograms ? [] : ['weight' => $this->house->measures()->mass(1000 * $kilograms * $scaling->factor)]),
                ...(null === $pieces ? [] : ['pieces' => (string) max(1, (int) round($pieces * $scaling->factor))]),
            ],
            ...(null === $serves ? [] : ['serves' => (string) max(1, (int) round($serves * $scaling->factor))]),
        ];
    }
}
