<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/**
 * Only Pausis's own pages write: a page from elsewhere can neither send a form here, nor be answered when it asks whether
 * it may send JSON. Programs without a browser, which name no origin, may.
 */
#[AsEventListener(priority: 128)]
final readonly class WriteGate
{
    /** Of a body, bytes: a recipe's file with what JSON adds; and anything else. */
    private const MOST_OF_A_RECIPE = 6_500_000;
    private const MOST = 2_000_000;
    /** A house's file; some thousand cooks. */
    private const MOST_OF_A_HOUSE = 64_000_000;
    private const HOUSE = '/api/everything';
    /** Lists and objects in a body; a draft of 200 lines and 300 steps has some 700. */
    private const MOST_PARTS = 20_000;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $request->headers->remove('X-HTTP-Method-Override');
        $request->setMethod($request->getRealMethod());
        if (str_contains(rawurldecode($request->getPathInfo()), "\0")) {
            throw new BadRequestHttpException();
        }
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        if (!self::isFromHere($request)) {
            throw new AccessDeniedHttpException();
        }
        self::checkSize($request);
        $type = (string) $request->headers->get('Content-Type');
        // Only POST can be sent by a form.
        if (($request->isMethod('POST') && '' !== $type || '' !== $request->getContent())
            && !preg_match('#^application/json\s*(?:;|$)#i', $type)) {
            throw new UnsupportedMediaTypeHttpException();
        }
    }

    /** Before anything is parsed. */
    private static function checkSize(Request $request): void
    {
        $most = match (true) {
            self::HOUSE === $request->getPathInfo() => self::MOST_OF_A_HOUSE,
            str_starts_with($request->getPathInfo(), '/api/recipes') => self::MOST_OF_A_RECIPE,
            default => self::MOST,
        };
        $said = (int) $request->headers->get('Content-Length', '0');
        $body = $said > $most ? '' : $request->getContent();
        if (self::HOUSE === $request->getPathInfo() && $said <= $most && \strlen($body) <= $most) {
            return;
        }
        if ($said > $most || \strlen($body) > $most || substr_count($body, '[') + substr_count($body, '{') > self::MOST_PARTS
            && self::parts($body) > self::MOST_PARTS) {
            throw new HttpException(413);
        }
    }

    /** Lists and objects outside of strings. */
    private static function parts(string $json): int
    {
        $bare = (string) preg_replace('/"(?:[^"\\\\]++|\\\\.)*+"/s', '', $json);

        return substr_count($bare, '[') + substr_count($bare, '{');
    }

    private static function isFromHere(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        if (null !== $origin) {
            return $origin === $request->getSchemeAndHttpHost();
        }

        return \in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true);
    }
}
