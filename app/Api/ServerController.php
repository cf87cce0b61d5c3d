<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Access\DeviceAuthenticator;
use Pausis\App\Access\Passphrase;
use Pausis\App\Api\Wire\DeviceView;
use Pausis\App\Api\Wire\ServerView;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\DeviceRecord;
use Pausis\App\Store\Devices;
use Pausis\App\Store\StoreCopies;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The house's own server, for whoever keeps it. */
final class ServerController extends ApiController
{
    /** @param string $address https address on the network, and the one where its trust is told, with a blank between; empty for none */
    public function __construct(
        #[Autowire('%env(PAUSIS_ADDRESS)%')] private readonly string $address,
        #[Autowire('%env(resolve:DATABASE_URL)%')] private readonly string $url,
        private readonly Devices $devices, private readonly Passphrase $passphrase, private readonly House $house,
    ) {
    }

    #[Route('/api/server', methods: ['GET'])]
    public function server(Request $request): JsonResponse
    {
        $measures = $this->house->measures();
        $now = $this->house->now();
        $store = (string) preg_replace('#^sqlite:///#', '', $this->url);
        $copy = StoreCopies::beside($store)->last();
        [$address, $trust] = [...explode(' ', $this->address, 2), ''];
        $mine = hash('sha256', (string) $request->cookies->get(DeviceAuthenticator::COOKIE));

        return $this->answer(new ServerView(
            $address, trim($trust),
            '' === $address || '' === $this->passphrase->calendarKey() ? '' : "$address/calendar/{$this->passphrase->calendarKey()}.ics",
            is_file($store) ? $measures->size((float) filesize($store)) : '',
            null === $copy ? '' : $measures->clock($now->setTimestamp((int) filemtime($copy)), $now).", $copy",
            array_map(static fn (DeviceRecord $d): DeviceView => new DeviceView(
                $d->id, $d->name, $measures->clock($d->seenAt, $now), $d->token === $mine,
            ), $this->devices->all()),
        ));
    }

    #[Route('/api/devices/{id}', methods: ['DELETE'])]
    public function sendAway(string $id): Response
    {
        $this->devices->sendAway($id);

        return new Response(status: 204);
    }
}
