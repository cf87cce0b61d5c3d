<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\IngredientReader;

/** Decides for each line of a recipe, in order, what it is: headings steer, otherwise the line's own look. */
final class LineSorter
{
    private const INGREDIENTS = '/^\W*(?:the\s+)?(?:ingredients?|you(?:’ll|\'ll| will)? need|what you need|shopping list)\b.{0,20}$/iu';
    private const METHOD = '/^\W*(?:the\s+)?(?:method|directions?|instructions?|preparation|what to do|how to (?:make|cook) it|steps)\W*$/iu';
    private const GROUP = '/^\W*(?:for|to finish|to serve)\b[^.]{0,40}:\W*$/iu';
    private const FACTS = '/^\W*(?:serves|servings?|feeds|makes|enough for|(?:prep|preparation|cook|cooking|total)(?: time|:)).{0,60}$/iu';
    private const MOST_INGREDIENT_WORDS = 22;

    private bool $any = false;
    private bool $stepsBegan = false;
    private ?LineKind $section = null;

    public function __construct(private readonly IngredientReader $ingredients)
    {
    }

    public function kindOf(string $line): LineKind
    {
        if (preg_match(self::INGREDIENTS, $line)) {
            return $this->enter(LineKind::Ingredient);
        }
        if (preg_match(self::METHOD, $line)) {
            return $this->enter(LineKind::Step);
        }
        if (preg_match(self::GROUP, $line)) {
            return LineKind::Heading;
        }
        if (preg_match(self::FACTS, $line)) {
            return LineKind::Facts;
        }
        $kind = $this->byItsLook($line);
        $this->stepsBegan = $this->stepsBegan || ($this->any && LineKind::Step === $kind);
        if (!$this->any && LineKind::Ingredient !== $kind) {
            $this->any = true;

            return mb_strlen($line) <= 100 ? LineKind::Title : $kind;
        }
        $this->any = true;

        return $kind;
    }

    private function enter(LineKind $section): LineKind
    {
        $this->section = $section;

        return LineKind::Heading;
    }

    private function byItsLook(string $line): LineKind
    {
        if (LineKind::Step === $this->section) {
            return LineKind::Step;
        }
        $words = preg_match_all('/[\p{L}\p{M}’\']+/u', $line);
        $prose = $words > self::MOST_INGREDIENT_WORDS || preg_match('/\p{L}{2}[.!?]\s+\p{Lu}/u', $line);
        if (LineKind::Ingredient === $this->section) {
            return $prose ? LineKind::Step : LineKind::Ingredient;
        }
        if (!$prose && ($words > 0)) {
            $read = $this->ingredients->read($line);
            if (null !== $read->amount && '' !== $read->amountText && (Role::Unknown !== $read->role || null !== $read->amount->unit)) {
                return LineKind::Ingredient;
            }
            if (Role::Unknown !== $read->role && $words <= 6 && $this->any && !$this->stepsBegan) {
                return LineKind::Ingredient;
            }
        }

        return $words >= 5 || ($this->stepsBegan && $words > 0) ? LineKind::Step : LineKind::Unread;
    }
}
