<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\App\Api\Wire\MeatDraft;
use Pausis\App\Api\Wire\OriginalDraft;
use Pausis\App\Api\Wire\ReadRecipe;
use Pausis\App\Api\Wire\UnderstoodIngredient;
use Pausis\App\Api\Wire\UnderstoodStep;
use Pausis\App\Api\Wire\UnreadLine;
use Pausis\App\Store\Cookers;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use Pausis\Core\Tenderness\Doneness;

/** What was made of a recipe, in words, and as the beginning of a draft. */
final readonly class RecipePresenter
{
    private const SURE = 0.85;
    private const FAIRLY = 0.6;
    private const FRIDGE_CELSIUS = 5.0;
    private const USUAL_SERVINGS = 4;
    private const USUAL_DINNER = '19:00';
    /** Later in the day than this, a braise is more likely meant for tomorrow. */
    private const LATEST_FOR_TODAY = '09:00';

    public function __construct(private Wording $wording, private House $house, private Cookers $cookers)
    {
    }

    public function present(Reading $reading, string $text): ReadRecipe
    {
        $measures = $this->house->measures();

        return new ReadRecipe(
            $this->draft($reading, $text, $measures),
            array_map(fn (Ingredient $i): UnderstoodIngredient => $this->ingredient($i, $measures), $reading->ingredients),
            array_map(fn (Step $s): UnderstoodStep => new UnderstoodStep($s->line, $s->source, $this->wording->label('step', $s->kind->value),
                null === $s->minutes ? '' : $measures->span($s->minutes['low'] / 60, $s->minutes['high'] / 60)), $reading->steps),
            array_map(static fn (array $u): UnreadLine => new UnreadLine($u['line'], $u['source']), $reading->unread),
        );
    }

    /** As the recipe has it, and otherwise what most cooks would say. */
    private function draft(Reading $reading, string $text, Measures $measures): BraiseDraft
    {
        $now = $this->house->now();
        $dinner = $now->modify($now->format('H:i') < self::LATEST_FOR_TODAY ? self::USUAL_DINNER : 'tomorrow '.self::USUAL_DINNER);

        return new BraiseDraft(
            '' === $reading->title ? '' : mb_substr($reading->title, 0, 200),
            (string) ($reading->serves ?? self::USUAL_SERVINGS),
            $text,
            array_map(static fn (Ingredient $i): IngredientDraft => new IngredientDraft($i->line, $i->source, $i->amountText, $i->foodText, '', false), $reading->ingredients),
            $this->original($reading, $measures),
            $this->meat($reading, $measures),
            $this->cookers->all()[0]->id ?? '',
            $dinner->format('Y-m-d\TH:i'),
            [],
            LevelSchool::OwnJuices->value,
            Doneness::Fork->value,
            Thickness::CoatsSpoon->value,
            Thickener::CornStarch->value,
            'auto',
        );
    }

    public function ingredient(Ingredient $i, Measures $measures): UnderstoodIngredient
    {
        return new UnderstoodIngredient(
            $i->line,
            $i->source,
            $i->amountText,
            $i->foodText,
            $i->role->value,
            null === $i->cut ? $this->wording->label('role', $i->role->value) : $i->cut->name,
            match (true) {
                null !== $i->millilitres => $measures->volume($i->millilitres),
                null !== $i->grams => $measures->mass($i->grams),
                default => '',
            },
            $i->confidence,
            $i->confidence >= self::SURE ? 'sure' : ($i->confidence >= self::FAIRLY ? 'fairly' : 'guess'),
            $this->question($i),
        );
    }

    private function question(Ingredient $i): string
    {
        return match (true) {
            Role::Unknown === $i->role => $this->wording->label('question', 'unknown'),
            Role::Meat === $i->role && null === $i->cut => $this->wording->label('question', 'no-cut'),
            $i->confidence >= self::SURE => '',
            null === $i->grams => $this->wording->label('question', 'no-amount'),
            default => $this->wording->label('question', 'guess'),
        };
    }

    private function original(Reading $reading, Measures $measures): OriginalDraft
    {
        $boilsWine = false;
        foreach ($reading->steps as $step) {
            $boilsWine = $boilsWine || StepKind::Reduce === $step->kind || StepKind::Deglaze === $step->kind;
            if (StepKind::Cook === $step->kind) {
                break;
            }
        }
        $original = $reading->original;

        return new OriginalDraft(
            $original->method->value ?? 'oven',
            null === $original ? '' : $measures->number($original->hours, 2).' h',
            null === $original?->ovenCelsius ? '' : $measures->temperature($original->ovenCelsius),
            $boilsWine,
        );
    }

    private function meat(Reading $reading, Measures $measures): MeatDraft
    {
        foreach ($reading->ingredients as $i) {
            if (Role::Meat === $i->role) {
                $pieces = null !== $i->amount && null === $i->amount->unit ? (int) round($i->amount->middle())
                    : (true === $i->cut?->soldInPieces && null !== $i->grams ? (int) max(1, round($i->grams / $i->cut->typicalPiece->inGrams())) : 1);

                return new MeatDraft($i->cut->id ?? '', null === $i->grams ? '' : $measures->mass($i->grams), (string) $pieces, '', $measures->temperature(self::FRIDGE_CELSIUS));
            }
        }

        return new MeatDraft('', '', '1', '', $measures->temperature(self::FRIDGE_CELSIUS));
    }
}
