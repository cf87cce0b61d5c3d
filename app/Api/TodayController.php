<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\TodayPresenter;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Freshness;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The start page. */
final class TodayController extends ApiController
{
    #[Route('/api/today', methods: ['GET'])]
    public function today(Request $request, TodayPresenter $today, Freshness $freshness, House $house): JsonResponse
    {
        return $this->fresh($request, $freshness->mark('today '.$house->now()->format('Y-m-d H:i')), $today->present(...));
    }
}
