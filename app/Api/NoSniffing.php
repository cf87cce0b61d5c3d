<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Every answer is what it says it is. */
#[AsEventListener]
final readonly class NoSniffing
{
    public function __invoke(ResponseEvent $event): void
    {
        $event->getResponse()->headers->set('X-Content-Type-Options', 'nosniff');
    }
}
