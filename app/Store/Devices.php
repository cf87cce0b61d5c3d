<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;

/** The devices that may come in, and how often somebody was wrong at the door. */
final readonly class Devices
{
    private const LASTS = '-400 days';
    private const SEEN_ANEW = '-1 hour';
    private const MOST = 50;
    private const FORGOTTEN = '-1 day';

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<DeviceRecord> the last seen first */
    public function all(): array
    {
        return NotSetUp::or(
            fn (): array => $this->manager->getRepository(DeviceRecord::class)->findBy([], ['seenAt' => 'DESC'], self::MOST), [],
        );
    }

    /** @return string what its cookie holds from now on */
    public function letIn(string $name, \DateTimeImmutable $now): string
    {
        $token = bin2hex(random_bytes(32));
        $this->manager->persist(new DeviceRecord(Uuid::v7()->toRfc4122(), mb_substr($name, 0, 120), hash('sha256', $token), $now));
        $this->manager->flush();

        return $token;
    }

    /** The device of a cookie; null where it was sent away, or wasn't seen for longer than a year. */
    public function of(string $token, \DateTimeImmutable $now): ?DeviceRecord
    {
        $device = $this->manager->getRepository(DeviceRecord::class)->findOneBy(['token' => hash('sha256', $token)]);
        if (null === $device || $device->seenAt < $now->modify(self::LASTS)) {
            return null;
        }
        if ($device->seenAt < $now->modify(self::SEEN_ANEW)) {
            $device->seenAt = $now;
            $this->manager->flush();
        }

        return $device;
    }

    public function sendAway(string $id): void
    {
        $device = $this->manager->find(DeviceRecord::class, $id);
        if (null !== $device) {
            $this->manager->remove($device);
            $this->manager->flush();
        }
    }

    public function sendAllAway(): void
    {
        $this->manager->getConnection()->executeStatement('DELETE FROM device');
    }

    /** @param string $from an address, or empty for all of them */
    public function wrongSince(\DateTimeImmutable $since, string $from = ''): int
    {
        $count = $this->manager->getConnection()->fetchOne(
            'SELECT COUNT(*) FROM wrong_passphrase WHERE at >= ?'.('' === $from ? '' : ' AND address = ?'),
            [$since->getTimestamp(), ...('' === $from ? [] : [$from])],
        );

        return is_numeric($count) ? (int) $count : 0;
    }

    public function wrong(string $from, \DateTimeImmutable $now): void
    {
        $connection = $this->manager->getConnection();
        $connection->executeStatement('DELETE FROM wrong_passphrase WHERE at < ?', [$now->modify(self::FORGOTTEN)->getTimestamp()]);
        $connection->insert('wrong_passphrase', ['at' => $now->getTimestamp(), 'address' => mb_substr($from, 0, 45)]);
    }
}
