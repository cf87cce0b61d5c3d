<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Every answer is what it says it is, and no page, an error's included, runs or shows what comes from elsewhere. */
#[AsEventListener]
final readonly class SafeHeaders
{
    /** Under this the page's request carries what a style that is made in it must bear. */
    public const STYLES = '_styles';
    private const PAGES = "default-src 'self'; style-src 'self'%s; img-src 'self' data:; object-src 'none'; frame-ancestors 'none'"
        ."; base-uri 'none'; form-action 'self'";
    /** A service worker asks the server it came from for what it keeps. */
    private const WORKER = "default-src 'none'; connect-src 'self'";
    private const OTHERS = "default-src 'none'; frame-ancestors 'none'";

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $nonce = $event->getRequest()->attributes->get(self::STYLES);
        $type = (string) $headers->get('Content-Type', 'text/html');
        $headers->set('Content-Security-Policy', match (true) {
            str_starts_with($type, 'text/html') => \sprintf(self::PAGES, \is_string($nonce) ? " 'nonce-$nonce'" : ''),
            str_starts_with($type, 'text/javascript') => self::WORKER,
            default => self::OTHERS,
        });
    }
}
