<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

/**
 * What a recipe's verbs do (core/data/acts.json). Loaded once; ActReader uses it.
 *
 * @phpstan-type Row array{kind: string, verbs: non-empty-list<string>, objects?: list<string>, not?: list<string>, words?: string,
 *     without?: string, sentence?: string, phase?: string}
 */
final class ActTable
{
    /** @var array<string, list<Row>> */
    private array $rowsOf = [];

    /**
     * @param non-empty-list<Row> $rows
     * @param array<int, string>  $verbs   the pattern of each row's verbs
     * @param string              $anyVerb a pattern of all of them, the longest first
     */
    private function __construct(private readonly array $rows, private readonly array $verbs, public readonly string $anyVerb)
    {
    }

    public static function load(): self
    {
        /** @var array{rows: non-empty-list<Row>} $data */
        $data = json_decode((string) file_get_contents(__DIR__.'/../data/acts.json'), true, 16, \JSON_THROW_ON_ERROR);
        $verbs = array_map(static fn (array $row): string => '/^(?:'.implode('|', $row['verbs']).')(?:s|es|d|ed|ing)?$/iu', $data['rows']);
        $all = array_values(array_unique(array_merge(...array_column($data['rows'], 'verbs'))));
        usort($all, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));

        return new self($data['rows'], $verbs, '/(?<![\p{L}-])(?:'.implode('|', $all).')(?![\p{L}]|-\p{L})/iu');
    }

    /** @return list<Row> those in which a verb, or its first word, stands */
    public function rowsOf(string $verb): array
    {
        $verb = mb_strtolower($verb);
        if (!isset($this->rowsOf[$verb])) {
            $first = explode(' ', $verb)[0];
            $this->rowsOf[$verb] = array_values(array_filter(
                $this->rows, fn (array $row, int $k): bool => preg_match($this->verbs[$k], $verb) || preg_match($this->verbs[$k], $first),
                \ARRAY_FILTER_USE_BOTH,
            ));
        }

        return $this->rowsOf[$verb];
    }
}
