<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\DateTimeImmutableType;

/** Moments, stored in UTC whatever zone they come in. */
final class UtcDateTimeType extends DateTimeImmutableType
{
    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return parent::convertToDatabaseValue(
            $value instanceof \DateTimeImmutable ? $value->setTimezone(new \DateTimeZone('UTC')) : $value, $platform,
        );
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): ?\DateTimeImmutable
    {
        return \is_string($value) ? new \DateTimeImmutable($value, new \DateTimeZone('UTC')) : parent::convertToPHPValue($value, $platform);
    }
}
