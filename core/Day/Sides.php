<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** The table of side dishes. */
final readonly class Sides
{
    /** @param array<string, Side> $byId */
    private function __construct(private array $byId)
    {
    }

    public static function load(): self
    {
        /**
         * @var array{sides: list<array{id: string, name: string, takes: string, staple: string, grams?: float, words: list<string>,
         *     else?: list<string>, not?: list<string>, jobs: list<array{code: string, base: float, each: float, hands?: bool, ring?: int,
         *     oven?: int,
         *     waits: int,
         *     rests?: int}>}>} $data
         */
        $data = json_decode((string) file_get_contents(__DIR__.'/../data/sides.json'), true, 8, \JSON_THROW_ON_ERROR);
        $byId = [];
        foreach ($data['sides'] as $row) {
            $byId[$row['id']] = new Side(
                $row['id'], $row['name'], $row['takes'], $row['jobs'], $row['staple'], $row['grams'] ?? null, $row['words'],
                $row['else'] ?? [],
                $row['not'] ?? [],
            );
        }

        return new self($byId);
    }

    public function find(string $id): ?Side
    {
        return $this->byId[$id] ?? null;
    }

    /** @return list<Side> */
    public function all(): array
    {
        return array_values($this->byId);
    }
}
