<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The one page; its routes are the front end's. */
final class PageController extends AbstractController
{
    /** The front end's service worker, under the root so that it may keep every place (web/vite.config.ts). */
    #[Route('/sw.js', methods: ['GET'])]
    public function worker(#[Autowire('%kernel.project_dir%/public/build/sw.js')] string $worker): Response
    {
        return is_file($worker) ? new Response((string) file_get_contents($worker), headers: [
            'Content-Type' => 'text/javascript', 'Cache-Control' => 'no-cache',
        ]) : throw $this->createNotFoundException();
    }

    #[Route('/{path}', requirements: ['path' => '(?!api/|build/).*'], methods: ['GET'], priority: -10)]
    public function page(
        Request $request, #[Autowire('%kernel.project_dir%/public/build/.vite/manifest.json')] string $manifest,
    ): Response {
        if (!is_file($manifest)) {
            return new Response('The front end is not built yet: run bin/demo.', 503, ['Content-Type' => 'text/plain']);
        }
        /** @var array<string, array{file: string, css?: list<string>}> $built */
        $built = json_decode((string) file_get_contents($manifest), true, 16, \JSON_THROW_ON_ERROR);
        $entry = $built['src/main.tsx'];
        $nonce = bin2hex(random_bytes(12));
        $request->attributes->set(SafeHeaders::STYLES, $nonce);

        return $this->render('page.html.twig', [
            'script' => $entry['file'], 'styles' => $entry['css'] ?? [], 'nonce' => $nonce,
        ], new Response(headers: ['Cache-Control' => 'no-cache']));
    }
}
