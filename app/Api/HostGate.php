<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Answers only under its own names: a page from elsewhere that points its name at this machine gets nothing. */
#[AsEventListener(priority: 1024)]
final readonly class HostGate
{
    private const OWN = ['localhost', '127.0.0.1', '[::1]'];

    /** @param string $more names beside localhost, separated by commas */
    public function __construct(#[Autowire('%env(PAUSIS_HOST)%')] private string $more)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $more = array_filter(array_map(trim(...), explode(',', mb_strtolower($this->more))),
            static fn (string $name): bool => '' !== $name);
        if (!\in_array($event->getRequest()->getHost(), [...self::OWN, ...$more], true)) {
            $event->setResponse(new Response('There is nothing here under that name.', 400,
                ['Content-Type' => 'text/plain; charset=utf-8']));
        }
    }
}
