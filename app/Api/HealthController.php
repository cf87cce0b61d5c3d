<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** Whether it answers, for whatever watches over it: the store reads, and there is room to write. */
final class HealthController
{
    private const LEAST_BYTES = 20_000_000;

    #[Route('/health', methods: ['GET'])]
    public function health(Connection $store, #[Autowire('%env(resolve:DATABASE_URL)%')] string $url): JsonResponse
    {
        $reads = true;
        try {
            $store->executeQuery('SELECT 1 FROM house')->free();
        } catch (\Throwable) {
            $reads = false;
        }
        $free = @disk_free_space(\dirname((string) preg_replace('#^sqlite:///#', '', $url)));
        $room = false === $free || $free > self::LEAST_BYTES;

        return new JsonResponse(
            ['status' => $reads && $room ? 'ok' : 'failing', 'store' => $reads, 'room' => $room], $reads && $room ? 200 : 503,
            ['Cache-Control' => 'no-store'],
        );
    }
}
