<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\TodayPresenter;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The start page. */
final class TodayController extends ApiController
{
    #[Route('/api/today', methods: ['GET'])]
    public function today(TodayPresenter $today): JsonResponse
    {
        return $this->answer($today->present());
    }
}
