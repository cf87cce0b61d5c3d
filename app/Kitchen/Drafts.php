<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;
use Symfony\Component\Serializer\Exception\ExceptionInterface as SerializerError;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;
use Symfony\Component\Validator\ConstraintViolation;
use Symfony\Component\Validator\ConstraintViolationList;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Drafts to and from the store's JSON. */
final readonly class Drafts
{
    public function __construct(
        private NormalizerInterface $normalizer, private DenormalizerInterface $denormalizer, private ValidatorInterface $validator,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(BraiseDraft $draft): array
    {
        /** @var array<string, mixed> $array */
        $array = $this->normalizer->normalize($draft);

        return $array;
    }

    /**
     * A draft with a change that somebody sent (RFC 7396).
     *
     * @param array<string, mixed> $draft
     * @param array<string, mixed> $patch
     * @param string               $path  of the change in what was sent
     *
     * @throws UnprocessableEntityHttpException where the change makes it none
     */
    public function patched(array $draft, array $patch, string $path): BraiseDraft
    {
        try {
            $patched = $this->fromArray(DraftPatch::applied($draft, $patch));
        } catch (SerializerError $error) {
            [$expected, $at] = $error instanceof NotNormalizableValueException
                ? [$error->getExpectedTypes() ?? [], ".{$error->getPath()}"]
                : [[], ''];
            throw self::unprocessable($draft, new ConstraintViolationList([new ConstraintViolation(
                \sprintf('This value should be of type %s.', implode('|', [...$expected, BraiseDraft::class])), null, [], $draft,
                $path.$at, null,
            )]));
        }
        $wrong = new ConstraintViolationList();
        foreach ($this->validator->validate($patched) as $one) {
            $wrong->add(new ConstraintViolation(
                $one->getMessage(), null, [], $draft, "$path.{$one->getPropertyPath()}", $one->getInvalidValue(),
            ));
        }

        return 0 === \count($wrong) ? $patched : throw self::unprocessable($draft, $wrong);
    }

    /** @param array<string, mixed> $draft */
    private static function unprocessable(array $draft, ConstraintViolationList $wrong): UnprocessableEntityHttpException
    {
        return new UnprocessableEntityHttpException('', new ValidationFailedException($draft, $wrong));
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

        return $this->denormalizer->denormalize($array, BraiseDraft::class, 'json');
    }
}
