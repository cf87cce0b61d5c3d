<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;

abstract class ApiController extends AbstractController
{
    /** @param object|list<object> $view a wire type, or several */
    protected function answer(object|array $view, int $status = 200): JsonResponse
    {
        return $this->json($view, $status, ['Cache-Control' => 'no-store']);
    }
}
