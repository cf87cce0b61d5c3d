<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\String\Slugger\AsciiSlugger;

abstract class ApiController extends AbstractController
{
    /**
     * The same, unless whoever asks has it already.
     *
     * @param string                            $mark of all it depends on
     * @param callable(): (object|list<object>) $view
     */
    protected function fresh(Request $request, string $mark, callable $view): JsonResponse
    {
        $headers = ['Cache-Control' => 'private, no-cache', 'ETag' => "\"$mark\""];
        if ($request->headers->get('If-None-Match') === "\"$mark\"") {
            $unchanged = new JsonResponse(null, 304, $headers);
            $unchanged->setContent('');

            return $unchanged;
        }

        return new JsonResponse($view(), 200, $headers);
    }

    /** @param object|list<object> $view a wire type, or several: public scalars, lists and wire types, which need no serializer */
    protected function answer(object|array $view, int $status = 200): JsonResponse
    {
        return new JsonResponse($view, $status, ['Cache-Control' => 'no-store']);
    }

    /** A file to keep, named after what it is of. */
    protected function attached(string $content, string $type, string $title, string $extension): Response
    {
        $name = (new AsciiSlugger())->slug($title)->lower()->toString();

        return new Response($content, 200, [
            'Content-Type' => 'application/pdf' === $type ? $type : "$type; charset=utf-8",
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $name ? 'braise' : $name).".$extension",
            ),
        ]);
    }
}
