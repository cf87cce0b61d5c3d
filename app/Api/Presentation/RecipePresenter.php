<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\HandlingDraft;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\App\Api\Wire\MarkView;
use Pausis\App\Api\Wire\MeatDraft;
use Pausis\App\Api\Wire\OriginalDraft;
use Pausis\App\Api\Wire\OwnHours;
use Pausis\App\Api\Wire\ReadRecipe;
use Pausis\App\Api\Wire\StepDraft;
use Pausis\App\Api\Wire\SuggestedAnswer;
use Pausis\App\Api\Wire\UnderstoodIngredient;
use Pausis\App\Api\Wire\UnderstoodStep;
use Pausis\App\Api\Wire\UnreadLine;
use Pausis\App\Api\Wire\WayRead;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Cookers;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\SidesOfDish;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Reading\PotLoading;
use Pausis\Core\Reading\Questions;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\Minutes;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Pieces;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\Timing;
use Pausis\Core\Recipe\Way;
use Pausis\Core\Recipe\When;
use Pausis\Core\Tenderness\Doneness;

/** What was made of a recipe, in words, and as the beginning of a draft. */
final readonly class RecipePresenter
{
    private const MEAT_GRAMS_A_CUBIC_CENTIMETRE = 1.05;
    private const SURE = 0.85;
    private const FAIRLY = 0.6;
    private const FRIDGE_CELSIUS = 5.0;
    private const USUAL_SERVINGS = 4;
    private const USUAL_DINNER = '19:00';
    /** Later in the day than this, a braise is more likely meant for tomorrow. */
    private const LATEST_FOR_TODAY = '09:00';

    public function __construct(
        private Wording $wording, private House $house, private Cookers $cookers, private Cuts $cuts,
        private DishReader $dishes, private Sides $sides,
    ) {
    }

    public function present(Reading $reading, string $measures = ''): ReadRecipe
    {
        $house = $this->house->measures();

        return new ReadRecipe(
            $this->draft($reading, $measures, $house),
            array_map(fn (Ingredient $i): UnderstoodIngredient => $this->ingredient($i, $house), $reading->ingredients),
            array_map(fn (Step $s): UnderstoodStep => $this->step($s, $house, $reading->acts), $reading->steps),
            array_map(static fn (array $u): UnreadLine => new UnreadLine($u['line'], $u['source'], $u['kind']), $reading->unread),
            array_map(static fn (Mark $m): MarkView => new MarkView($m->text, $m->kind->value, $m->index), $reading->marks),
            $reading->system->value,
            \in_array('way', array_column(Questions::of($reading), 'about'), true),
            array_map(fn (Way $way): WayRead => $this->way($way, $reading, $house), $reading->ways),
            $reading->anotherAt,
        );
    }

    /** @param list<Act> $acts of the whole method */
    public function step(Step $step, Measures $measures, array $acts): UnderstoodStep
    {
        $own = array_values(array_filter($acts, static fn (Act $a): bool => str_starts_with($a->id, "$step->id.")));
        $said = array_values(array_filter($own, static fn (Act $a): bool => !$a->isDone()));
        $details = array_filter([
            null === $step->celsius ? '' : $measures->temperature($step->celsius),
            null === $step->hob ? '' : $this->wording->label('hob', $step->hob),
            null === $step->setting ? '' : $this->wording->label('setting', $step->setting),
            (string) $step->until,
            (string) $step->vessel,
        ]);
        $time = null === $step->minutes ? '' : self::time($step->minutes['low'], $step->minutes['high'], $measures);

        return new UnderstoodStep($step->line, $step->source, $step->kind->value, $this->wording->label('step', $step->kind->value),
            '' === $time ? '' : $time.($step->perSide ? ' '.$this->wording->label('step-part', 'per-side') : ''), array_values($details),
            null === $step->guess ? '' : $this->wording->say(
                'question.misheard', $measures, ['said' => $step->guess->said, 'meant' => $step->guess->meant],
            ),
            $this->deeds($own), [] === $said ? '' : $this->wording->label('said', $said[0]->said->value),
            [] === $own ? '' : $this->when($own[0]->when, $measures),
            array_values(array_unique(array_merge(...array_map(static fn (Act $a): array => $a->foods, $own)))),
        );
    }

    private function when(When $when, Measures $measures): string
    {
        $offset = null === $when->offset ? '' : self::time($when->offset->low, $when->offset->high, $measures);

        return match ($when->timing) {
            Timing::EveningBefore => $this->wording->label('timing', $when->timing->value),
            Timing::AfterStart, Timing::BeforeEnd => trim($offset.' '.$this->wording->label('timing', $when->timing->value)),
            default => '',
        };
    }

    /**
     * @param list<Act> $acts of one sentence
     *
     * @return list<string>
     */
    private function deeds(array $acts): array
    {
        return array_values(array_unique(array_map(
            fn (Act $a): string => $this->wording->label('act', $a->kind->value),
            array_filter($acts, static fn (Act $a): bool => ActKind::Other !== $a->kind),
        )));
    }

    /** As the recipe has it, and otherwise what most cooks would say. */
    private function draft(Reading $reading, string $whose, Measures $measures): BraiseDraft
    {
        $now = $this->house->now();
        $loading = PotLoading::of($reading->acts, $reading->ingredients);
        $high = self::hoursOnHighFirst($reading);
        $dinner = $now->modify($now->format('H:i') < self::LATEST_FOR_TODAY ? self::USUAL_DINNER : 'tomorrow '.self::USUAL_DINNER);

        return new BraiseDraft(
            mb_substr($reading->title, 0, 200),
            (string) ($reading->serves ?? self::USUAL_SERVINGS),
            $reading->text,
            array_map(
                static fn (Ingredient $i): IngredientDraft => new IngredientDraft(
                    $i->line, $i->source, $i->amountText, $i->foodText, '', \in_array(Doubt::NotAFood, $i->doubts, true), $i->id,
                    PartKind::Braise === $i->part ? '' : $i->part->value, $i->group,
                ),
                $reading->ingredients,
            ),
            $this->original($reading, $measures),
            $this->meat($reading, $measures),
            $this->cookers->all()[0]->id ?? '',
            $dinner->format('Y-m-d\TH:i'),
            [],
            LevelSchool::OwnJuices->value,
            [] === array_filter(
                $reading->acts, static fn (Act $a): bool => $a->pullsApart(),
            ) ? $this->house->record()->texture : Doneness::Pulls->value,
            $this->thickness($reading),
            Thickener::CornStarch->value,
            'auto',
            array_map(
                static fn (Step $s, int $k): StepDraft => new StepDraft($s->line, $s->source, id: 's'.($k + 1)), $reading->steps,
                array_keys($reading->steps),
            ),
            $whose,
            handling: new HandlingDraft(
                high: null === $high ? '' : $measures->number($high, 1).' h',
                hotLiquid: $loading->hotLiquid, warmInsert: $loading->warmInsert,
                layers: ($loading->meatUnder ? LayerOrder::MeatUnder : LayerOrder::RootsUnder)->value,
            ),
            sides: $this->sides($reading),
        );
    }

    /** Where it turns the cooker to Low after a while. */
    private static function hoursOnHighFirst(Reading $reading): ?float
    {
        foreach ($reading->ways as $way) {
            if (null !== $way->hoursOnHighFirst()) {
                return $way->hoursOnHighFirst();
            }
        }

        return null;
    }

    /** @return list<string> what it serves beside the braise, of those that are known */
    private function sides(Reading $reading): array
    {
        $dish = $this->dishes->read($reading->ingredients, $reading->steps, $reading->ways);

        return array_map(static fn (Side $s): string => $s->id, (new SidesOfDish($dish, $this->sides))->all());
    }

    /** As the recipe makes it; as the house likes it where it doesn't say how much starch, or nothing of how it is done. */
    private function thickness(Reading $reading): string
    {
        $thickens = array_filter($reading->acts, static fn (Act $a): bool => $a->kind->thickens());
        $foods = array_merge(...array_map(static fn (Act $a): array => $a->foods, $thickens));
        $measured = [] !== array_filter($reading->ingredients, static fn (Ingredient $i): bool => Role::Thickener === $i->role
            && (float) $i->grams > 0 && \in_array($i->key(), $foods, true));

        return [] === $reading->acts || ([] !== $thickens && !$measured) ? $this->house->record()->thickness : SauceBody::AS_THE_RECIPE;
    }

    /** "5 min", "8–10 min", "3 h", "3 h to 3 h 30". */
    private static function time(float $low, float $high, Measures $measures): string
    {
        return match (true) {
            $low === $high => $measures->hours($high / 60),
            $high < 60 => $measures->number($low, 0).'–'.$measures->number($high, 0).' min',
            default => $measures->span($low / 60, $high / 60),
        };
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
            $this->question($i, $measures),
            array_map(fn (Doubt $d): string => $this->wording->label('doubt', $d->value), $i->doubts),
            $this->answers($i, $measures),
            Role::Meat === $i->role ? Pieces::meantBy($i->source, (float) $i->grams) : [],
        );
    }

    /** @return list<SuggestedAnswer> */
    private function answers(Ingredient $i, Measures $measures): array
    {
        $taken = null !== $i->millilitres ? $measures->volume($i->millilitres) : (null === $i->grams ? '' : $measures->mass($i->grams));

        return match (Questions::about($i)) {
            Doubt::NoCut => array_map(
                fn (Cut $cut): SuggestedAnswer => new SuggestedAnswer(
                    $this->wording->say('answer.like', $measures, ['cut' => $cut->name]), food: $cut->words[0],
                ),
                $this->cuts->offered($i->source),
            ),
            Doubt::RawOrCooked => array_map(
                fn (string $how): SuggestedAnswer => new SuggestedAnswer(
                    $this->wording->say("answer.$how", $measures), food: "$how $i->foodText",
                ),
                ['tinned', 'dried'],
            ),
            Doubt::UsualSize, Doubt::OneOfSeveral => '' === $taken ? [] : [new SuggestedAnswer($taken, amount: $taken)],
            Doubt::UnknownFood => [new SuggestedAnswer($this->wording->say('answer.ignored', $measures), ignored: true)],
            default => [],
        };
    }

    private function question(Ingredient $i, Measures $measures): string
    {
        $doubt = Questions::about($i);

        return null === $doubt
            ? ''
            : $this->wording->say(
                "question.$doubt->value", $measures, ['said' => $i->guess->said ?? '', 'meant' => $i->guess->meant ?? ''],
            );
    }

    /** @param Measures $measures of the house */
    private function way(Way $way, Reading $reading, Measures $measures): WayRead
    {
        $times = [] === $way->settings ? array_filter(['' => $way->minutes]) : $way->settings;
        $said = array_map(
            static fn (string $setting, Minutes $m): string => trim(
                ($setting ? str_replace('+', ', then ', $setting).' ' : '').self::time($m->low, $m->high, $measures),
            ),
            array_keys($times), $times,
        );
        $oven = null === $way->celsius ? '' : ' at '.$measures->temperature(($way->celsius[0] + $way->celsius[1]) / 2);

        return new WayRead(
            $this->wording->label('method', $way->method->value).$oven.([] === $said ? '' : ', '.implode(' or ', $said)),
            $this->originalOf($way->original(), $way, $reading, $measures),
        );
    }

    private function original(Reading $reading, Measures $measures): OriginalDraft
    {
        return $this->originalOf($reading->original, $reading->wayOf($reading->original), $reading, $measures);
    }

    private function originalOf(?OriginalMethod $original, ?Way $way, Reading $reading, Measures $measures): OriginalDraft
    {
        return new OriginalDraft(
            $original->method->value ?? 'oven',
            null === $original ? '' : $measures->hours($original->hours),
            null === $original?->ovenCelsius ? '' : $measures->temperature($original->ovenCelsius),
            MethodReader::boilsWine($reading->acts),
            array_map(
                static fn (string $setting, Minutes $m): OwnHours => new OwnHours($setting, $m->low, $m->high),
                array_keys($way->settings ?? []), $way->settings ?? [],
            ),
        );
    }

    private function meat(Reading $reading, Measures $measures): MeatDraft
    {
        foreach ($reading->ingredients as $i) {
            if (Role::Meat === $i->role) {
                $counted = null !== $i->amount && null === $i->amount->unit ? (int) round($i->amount->middle()) : null;
                $usual = true === $i->cut?->soldInPieces && null !== $i->grams
                    ? (int) max(1, round($i->grams / $i->cut->typicalPiece->inGrams()))
                    : 1;
                $pieces = self::pieces($reading, $i) ?? $counted ?? $usual;

                return new MeatDraft(
                    $i->cut->id ?? '', null === $i->grams ? '' : $measures->mass($i->grams), (string) $pieces, '',
                    $measures->temperature(self::FRIDGE_CELSIUS),
                );
            }
        }

        return new MeatDraft('', '', '1', '', $measures->temperature(self::FRIDGE_CELSIUS));
    }

    /** As the recipe says: a number, or cubes of a size. */
    private static function pieces(Reading $reading, Ingredient $meat): ?int
    {
        $structure = $reading->structure;
        $cubes = null === $structure?->sizeCm
            || null === $meat->grams
            || null !== $structure->pieces
            || true === $meat->cut?->soldInPieces ? null
            : $meat->grams / (self::MEAT_GRAMS_A_CUBIC_CENTIMETRE * (($structure->sizeCm[0] + $structure->sizeCm[1]) / 2) ** 3);
        $said = $structure?->pieces?->middle() ?? $cubes;

        return null === $said ? null : (int) max(1, min(Range::pieces()->most, round($said)));
    }
}
