<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\AgainPresenter;
use Pausis\App\Api\Wire\AgainAsked;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Cooks;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** A braise that was cooked, once more. */
final class AgainController extends ApiController
{
    /** What could be changed, and on which days it could be; nothing is kept of it. */
    #[Route('/api/braises/{id}/again', methods: ['POST'])]
    public function again(
        string $id, #[MapRequestPayload] AgainAsked $asked, Braises $braises, Cooks $cooks, Drafts $drafts, AgainPresenter $again,
    ): JsonResponse {
        $braise = $braises->find($id) ?? throw $this->createNotFoundException();
        if (null !== $cooks->running($braise)) {
            throw new ConflictHttpException();
        }

        return $this->answer($again->present($id, $drafts->fromArray($braise->draft), $asked->text, $asked->taken));
    }
}
