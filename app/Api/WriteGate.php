<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/**
 * Only Pausis's own pages write: a page from elsewhere can neither send a form here, nor be answered when it asks whether
 * it may send JSON. Programs without a browser, which name no origin, may.
 */
#[AsEventListener(priority: 128)]
final readonly class WriteGate
{
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
        $type = (string) $request->headers->get('Content-Type');
        // Only POST can be sent by a form.
        if (($request->isMethod('POST') && '' !== $type || '' !== $request->getContent())
            && !preg_match('#^application/json\s*(?:;|$)#i', $type)) {
            throw new UnsupportedMediaTypeHttpException();
        }
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
