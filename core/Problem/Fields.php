<?php

declare(strict_types=1);

namespace Pausis\Core\Problem;

/** Reads the fields of one decoded JSON object; what is missing or of the wrong type becomes a problem with its path. */
final readonly class Fields
{
    /** @var array<array-key, mixed> */
    private array $values;

    public function __construct(mixed $values, private string $path, private Problems $problems)
    {
        if (!\is_array($values)) {
            $problems->add('not-an-object', $path);
        }
        $this->values = \is_array($values) ? $values : [];
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    public function object(string $name): self
    {
        if (!$this->has($name)) {
            $this->problems->add('missing', $this->at($name));
        }

        return new self($this->values[$name] ?? [], $this->at($name), $this->problems);
    }

    /** @return list<self> */
    public function objects(string $name, int $most): array
    {
        $values = $this->values[$name] ?? [];
        if (!\is_array($values) || !array_is_list($values)) {
            return $this->wrong($name, 'not-a-list', []);
        }
        if (\count($values) > $most) {
            return $this->wrong($name, 'too-many', []);
        }

        return array_map(fn (int $i): self => new self($values[$i], $this->at("$name.$i"), $this->problems), array_keys($values));
    }

    public function number(string $name): float
    {
        if (!$this->has($name)) {
            return $this->wrong($name, 'missing', \NAN);
        }

        return $this->numberOrNull($name) ?? \NAN;
    }

    public function numberOr(string $name, float $default): float
    {
        return $this->numberOrNull($name) ?? $default;
    }

    public function numberOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;
        if (null !== $value && !\is_int($value) && !\is_float($value)) {
            return $this->wrong($name, 'not-a-number', null);
        }

        return null === $value ? null : (float) $value;
    }

    public function textOr(string $name, string $default): string
    {
        $value = $this->values[$name] ?? $default;

        return \is_string($value) ? $value : $this->wrong($name, 'not-text', $default);
    }

    /** @return list<string> */
    public function texts(string $name, int $most): array
    {
        $values = $this->values[$name] ?? [];
        if (!\is_array($values) || !array_is_list($values) || \count($values) > $most || [] !== array_filter(
            $values, static fn (mixed $v): bool => !\is_string($v),
        )) {
            return $this->wrong($name, 'not-a-list', []);
        }

        return array_values(array_filter($values, is_string(...)));
    }

    /**
     * One number, or a list of some.
     *
     * @return list<float>
     */
    public function numbers(string $name, int $most): array
    {
        $values = $this->values[$name] ?? [];
        $values = \is_array($values) ? array_values($values) : [$values];
        if (\count($values) > $most || [] !== array_filter($values, static fn (mixed $v): bool => !\is_int($v) && !\is_float($v))) {
            return $this->wrong($name, 'not-a-number', []);
        }

        return array_map(
            static fn (int|float $v): float => (float) $v,
            array_values(array_filter($values, static fn (mixed $v): bool => \is_int($v) || \is_float($v))),
        );
    }

    /**
     * A number in its range; out of it the problem is added and a value that can be built with answered.
     *
     * @param float|null $default null where the field must be given
     * @param bool       $zero    whether 0 is allowed below the range
     */
    public function within(Range $range, string $name, ?float $default = null, bool $zero = false): float
    {
        $value = null === $default ? $this->number($name) : $this->numberOr($name, $default);
        if (($zero && 0.0 === $value) || $this->problems->within($range, $value, $this->at($name))) {
            return $value;
        }

        return max(0.0, $range->least);
    }

    /**
     * @template T
     *
     * @param T $instead
     *
     * @return T
     */
    public function wrong(string $name, string $code, mixed $instead): mixed
    {
        $this->problems->add($code, $this->at($name));

        return $instead;
    }

    private function at(string $name): string
    {
        return trim("$this->path.$name", '.');
    }
}
