<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Access\DeviceAuthenticator;
use Pausis\App\Access\Passphrase;
use Pausis\App\Api\Wire\DoorDraft;
use Pausis\App\Store\Devices;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Lets a device in that says the house's passphrase, and remembers it. */
final class DoorController extends ApiController
{
    /** So many wrong answers in a quarter of an hour, from one address and from all together, and the door waits. */
    private const MOST_WRONG = 10;
    private const MOST_WRONG_OF_ALL = 60;
    private const MEANWHILE = '-15 minutes';
    private const DAYS = 400;

    public function __construct(
        private readonly Devices $devices, private readonly Passphrase $passphrase, private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/api/door', methods: ['POST'])]
    public function open(#[MapRequestPayload] DoorDraft $said, Request $request): Response
    {
        $now = $this->clock->now();
        $from = (string) $request->getClientIp();
        if ($this->devices->wrongSince($now->modify(self::MEANWHILE), $from) >= self::MOST_WRONG
            || $this->devices->wrongSince($now->modify(self::MEANWHILE)) >= self::MOST_WRONG_OF_ALL) {
            return $this->refused(429, 'Too many wrong answers. The door opens again in a quarter of an hour.');
        }
        if (!$this->passphrase->is($said->passphrase)) {
            $this->devices->wrong($from, $now);

            return $this->refused(422, $this->passphrase->isSet()
                ? 'That is not the house’s passphrase.' : 'This house has no passphrase yet: start it with bin/serve --lan.');
        }
        $name = '' === trim($said->device) ? (string) $request->headers->get('User-Agent') : trim($said->device);
        $response = new Response(status: 204);
        $response->headers->setCookie(Cookie::create(
            DeviceAuthenticator::COOKIE, $this->devices->letIn($name, $now), $now->modify('+'.self::DAYS.' days'), '/', null,
            $request->isSecure(), true, false, Cookie::SAMESITE_STRICT,
        ));

        return $response;
    }

    private function refused(int $status, string $title): JsonResponse
    {
        return new JsonResponse([
            'type' => 'about:blank', 'title' => $title, 'status' => $status,
            'violations' => [['path' => 'passphrase', 'code' => 'wrong', 'message' => $title]],
        ], $status, ['Content-Type' => 'application/problem+json']);
    }
}
