<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Wire\MeaningDraft;
use Pausis\App\Api\Wire\MeaningView;
use Pausis\App\Store\MeaningRecord;
use Pausis\App\Store\Meanings;
use Pausis\App\Wording\Wording;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Reading\IngredientReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What words of recipes mean in this house: the reader's corrections, remembered. */
#[Route('/api/meanings')]
final class MeaningController extends ApiController
{
    private const MOST_LETTERS = 200;

    public function __construct(private readonly Meanings $meanings, private readonly Wording $wording)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return $this->answer(array_map($this->view(...), $this->meanings->all()));
    }

    #[Route('', methods: ['POST'])]
    public function learn(#[MapRequestPayload] MeaningDraft $draft, IngredientReader $reader): JsonResponse
    {
        $words = mb_substr(Larder::normal($reader->read($draft->source)->foodText), 0, self::MOST_LETTERS);
        if ('' === $words) {
            throw $this->createNotFoundException();
        }

        return $this->answer(
            $this->view($this->meanings->learn(
                $words, Larder::normal($draft->food) === $words ? '' : $draft->food, $draft->role, $draft->ignored,
            )),
            201,
        );
    }

    #[Route('/{words}', methods: ['DELETE'])]
    public function forget(string $words): Response
    {
        $this->meanings->forget($words);

        return new Response(status: 204);
    }

    private function view(MeaningRecord $record): MeaningView
    {
        $role = '' === $record->role ? '' : $this->wording->label('role', $record->role);
        $means = $record->ignored ? $this->wording->label('meaning', 'ignored') : implode(', ', array_filter([$record->food, $role]));

        return new MeaningView($record->words, $record->food, $record->role, $record->ignored, $means);
    }
}
