<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Api\Wire\IngredientDraft;
use Pausis\App\Api\Wire\RecipeLines;
use Pausis\App\Api\Wire\RecipeText;
use Pausis\App\Exchange\RecipeFile;
use Pausis\App\Store\Meanings;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\RecipeReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

final class RecipeController extends ApiController
{
    /** Reads a pasted recipe; stores nothing. */
    #[Route('/api/recipes/read', methods: ['POST'])]
    public function read(
        #[MapRequestPayload] RecipeText $recipe, RecipeFile $files, RecipeReader $reader, RecipePresenter $presenter, Meanings $meanings,
    ): JsonResponse {
        $problems = new Problems();
        $text = $files->text($recipe->text, $recipe->name, $problems, 'text');
        $problems->throwIfAny();
        $reading = $reader->read((string) $text, $problems, 'text', UnitSystem::tryFrom($recipe->measures), $meanings->vocabulary());
        $problems->throwIfAny();
        \assert(null !== $reading);

        return $this->answer($presenter->present($reading, $recipe->measures));
    }

    /** Reads single lines; each becomes an ingredient of a draft. */
    #[Route('/api/recipes/lines', methods: ['POST'])]
    public function lines(#[MapRequestPayload] RecipeLines $lines, IngredientReader $reader, Meanings $meanings): JsonResponse
    {
        $reader = $reader->for(
            UnitSystem::tryFrom($lines->measures) ?? UnitSystem::guess(implode("\n", $lines->sources)), $meanings->vocabulary(),
        );

        return $this->answer(array_map(static function (string $source) use ($reader, $lines): IngredientDraft {
            $read = $reader->read($source, $lines->line);

            return new IngredientDraft($lines->line, $source, $read->amountText, $read->foodText, '', false);
        }, $lines->sources));
    }
}
