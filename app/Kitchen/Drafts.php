<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;

/** Drafts to and from the store's JSON. */
final readonly class Drafts
{
    public function __construct(private NormalizerInterface $normalizer, private DenormalizerInterface $denormalizer)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(BraiseDraft $draft): array
    {
        /** @var array<string, mixed> $array */
        $array = $this->normalizer->normalize($draft);

        return $array;
    }

    /** @param array<string, mixed> $array */
    public function fromArray(array $array): BraiseDraft
    {
        return $this->denormalizer->denormalize($array, BraiseDraft::class);
    }
}
