<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;

abstract class ApiController extends AbstractController
{
    /** @param object|list<object> $view a wire type, or several: public scalars, lists and wire types, which need no serializer */
    protected function answer(object|array $view, int $status = 200): JsonResponse
    {
        return new JsonResponse($view, $status, ['Cache-Control' => 'no-store']);
    }
}
