<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Explain\PrintedStep;
use Pausis\Core\Adaptation\Explain\ReadableRecipe;
use Pausis\Core\Adaptation\Explain\RecipeLine;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;

/** The adapted recipe as Markdown and as schema.org JSON-LD; both read back to the same recipe. */
final readonly class AdaptedRecipe
{
    public function __construct(private Wording $wording)
    {
    }

    public function markdown(string $title, AdaptedBraise $braise, Measures $measures): string
    {
        $steps = $this->steps($braise, $measures);

        return implode("\n", [
            '# '.Markdown::line($title), '', 'Serves '.$braise->order->recipe->serves, '',
            '## Ingredients', '',
            ...array_map(static fn (string $line): string => '- '.Markdown::line($line), $this->ingredients($braise, $measures)),
            '', '## Method', '',
            ...array_map(static fn (int $k, string $step): string => ($k + 1).'. '.Markdown::line($step), array_keys($steps), $steps),
            '', '## Notes', '',
            ...array_map(static fn (string $note): string => '- '.Markdown::line($note), $this->notes($braise, $measures)), '',
        ]);
    }

    /** @return array<string, mixed> */
    public function jsonLd(string $title, AdaptedBraise $braise, Measures $measures): array
    {
        $window = $braise->window($braise->chosen, $braise->order->wishes->texture);
        $minutes = (int) round(60 * ($window->likely ?? 0.0));

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $title,
            'recipeYield' => (string) $braise->order->recipe->serves,
            'cookingMethod' => $this->wording->label('method', 'slow-cooker'),
            'cookTime' => \sprintf('PT%dH%dM', intdiv($minutes, 60), $minutes % 60),
            'recipeIngredient' => $this->ingredients($braise, $measures),
            'recipeInstructions' => array_map(
                static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text], $this->steps($braise, $measures),
            ),
        ];
    }

    /** @return list<string> */
    public function ingredients(AdaptedBraise $braise, Measures $measures): array
    {
        return array_values($this->amounts($braise, $measures));
    }

    /** @return array<string, string> lines as they are to be weighed out, by key of the ingredient; what it doesn't have by a word */
    public function amounts(AdaptedBraise $braise, Measures $measures): array
    {
        $order = $braise->order;
        $changed = [];
        foreach ($braise->chosen->sauce->changes as $change) {
            if (null === $change->ingredient) {
                $extra = $change->poured;
            } elseif (\in_array($change->fate, [LiquidFate::Cut, LiquidFate::Fixed], true)) {
                $changed[$change->ingredient->key()] = $change->poured;
            }
        }
        $meat = $measures->mass($order->meat->joint->boneless->inGrams() + $order->meat->bone->inGrams());
        $lines = $said = [];
        foreach ($order->recipe->ingredients as $i) {
            $poured = $changed[$i->key()] ?? null;
            $isMeat = Role::Meat === $i->role && null !== $i->cut && $i->cut->id === $order->meat->joint->cut->id;
            if ($order->isNotMade($i) || (null !== $poured && $poured < 1)) {
                continue;
            }
            $amount = $isMeat && !isset($said['meat']) ? $meat : (null === $poured ? $i->amountText : $measures->volume($poured));
            $said = $isMeat ? ['meat' => true] : $said;
            $lines[$i->key()] = $this->line($i, $amount);
        }
        if (!isset($said['meat'])) {
            $lines = ['meat' => $meat.' '.mb_strtolower($order->meat->joint->cut->name), ...$lines];
        }
        if (isset($extra)) {
            $lines['water'] = $measures->volume($extra).' water';
        }

        return $lines;
    }

    private function line(Ingredient $i, string $amount): string
    {
        $notes = (string) preg_replace('/^\(|\)$|\b(?:about|around|approx\.?|some)?\s*\d.*$/iu', '', $i->notes);
        $food = Role::Meat === $i->role && null !== $i->cut ? $i->cut->words[0] : $i->foodText;

        // What a size was said of: "in 4 cm pieces" is another here.
        $notes = trim((string) preg_replace('/\b(?:(?:cut|sliced|diced|chopped)\s+)?(?:in|into|to|of|at|about)\s*$/iu', '',
            trim($notes)), ' ,');
        $said = '' === $notes ? '' : ", $notes";

        return trim("$amount $food").($i->optional && !str_contains($notes, 'serve') ? ', optional' : $said);
    }

    /** @return list<string> */
    public function steps(AdaptedBraise $braise, Measures $measures): array
    {
        return array_map(
            fn (RecipeLine $l): string => $this->step($l->step, $braise, $measures),
            array_values(array_filter(ReadableRecipe::of($braise)->lines, static fn (RecipeLine $l): bool => !$l->isGone)),
        );
    }

    public function step(PrintedStep $step, AdaptedBraise $braise, Measures $measures): string
    {
        if (null === $step->deed) {
            return $step->words;
        }
        $variables = $braise->timed($step->deed->variables);
        foreach (['setting', 'thickener'] as $choice) {
            if (isset($variables[$choice])) {
                $variables[$choice] = mb_strtolower($this->wording->label($choice, (string) $variables[$choice]));
            }
        }

        return $this->wording->say('method-step.'.$step->deed->code, $measures, [...$variables, 'source' => $step->words]);
    }

    /** @return list<string> */
    private function notes(AdaptedBraise $braise, Measures $measures): array
    {
        return [
            ...array_map(fn (Finding $f): string => $this->wording->say("finding.$f->rule", $measures, $f->variables), $braise->findings),
            $this->wording->label('caution', 'defer'),
        ];
    }
}
