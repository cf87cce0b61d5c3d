<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\RecipePresenter;
use Pausis\App\Api\Wire\RecipeText;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\RecipeReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

final class RecipeController extends ApiController
{
    /** Reads a pasted recipe; stores nothing. */
    #[Route('/api/recipes/read', methods: ['POST'])]
    public function read(#[MapRequestPayload] RecipeText $recipe, RecipeReader $reader, RecipePresenter $presenter): JsonResponse
    {
        $problems = new Problems();
        $reading = $reader->read($recipe->text, $problems);
        $problems->throwIfAny();
        \assert(null !== $reading);

        return $this->answer($presenter->present($reading, $recipe->text));
    }
}
