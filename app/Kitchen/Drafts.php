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
        // In drafts of before, how long a side dish of one's own takes was a number of minutes.
        /** @var list<array<string, mixed>> $own */
        $own = $array['ownSides'] ?? [];
        $array['ownSides'] = array_map(
            static fn (array $side): array => array_map(static fn (mixed $v): mixed => \is_int($v) ? "$v min" : $v, $side), $own,
        );

        return $this->denormalizer->denormalize($array, BraiseDraft::class);
    }
}
