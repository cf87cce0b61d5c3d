<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Doctrine\DBAL\Connection;

/**
 * All of a house as one JSON file (docs/formats.md), and back: settings, cookers, what its words mean, braises, cooks with their pages, and
 * what was learned. The passphrase and the devices that it let in stay with the machine.
 *
 * @phpstan-type Row array<string, mixed>
 * @phpstan-type File array{format: string, version: int, written: string, house: Row, cookers: list<Row>, meanings: list<Row>,
 *     braises: list<Row>, cooks: list<Row>, pages: list<Row>, learned: Row|null}
 */
final readonly class WholeHouse
{
    public const FORMAT = 'pausis-house';
    public const VERSION = 1;
    /** What a file has under a name, as it lies in the store, in an order in which it can be put in. */
    public const PARTS = [
        'cookers' => 'cooker', 'meanings' => 'meaning', 'braises' => 'braise', 'cooks' => 'cook', 'pages' => 'notebook',
    ];
    private const JSON = [
        'people', 'pans', 'water_test', 'draft', 'plan', 'ticks', 'events', 'planned', 'closing', 'said', 'cooker', 'happened', 'belief',
    ];
    private const BOOLEAN = ['oven', 'has_medium', 'ignored', 'left_out'];
    private const NUMBER = [
        'altitude_metres', 'room_celsius', 'salt_percent', 'capacity_litres', 'rated_watts', 'heat_factor', 'auto_warm_hours', 'heat_sigma',
        'loss_factor',
    ];
    private const MOMENT = ['deleted_at', 'updated_at', 'plan_until', 'planned_at', 'switched_on', 'closed_at', 'cooked_on'];
    /** Of the machine, not of the house. */
    private const STAYS = ['id' => true, 'passphrase' => true];

    public function __construct(private Connection $connection)
    {
    }

    /** @return iterable<string, mixed> the file's members, in order; lists come as generators, a row at a time */
    public function written(\DateTimeImmutable $now): iterable
    {
        $house = $this->connection->fetchAssociative('SELECT * FROM house');
        $belief = $this->connection->fetchOne('SELECT belief FROM knowledge');
        yield 'format' => self::FORMAT;
        yield 'version' => self::VERSION;
        yield 'written' => $now->format(\DATE_ATOM);
        yield 'house' => false === $house ? new \stdClass() : self::out(array_diff_key($house, self::STAYS));
        foreach (self::PARTS as $name => $table) {
            yield $name => $this->rows($table);
        }
        yield 'learned' => \is_string($belief) ? json_decode($belief) : null;
    }

    /** @return \Generator<Row> */
    private function rows(string $table): \Generator
    {
        $key = 'meaning' === $table ? 'words' : 'id';
        foreach ($this->connection->iterateAssociative("SELECT * FROM $table ORDER BY $key") as $row) {
            yield self::out($row);
        }
    }

    /**
     * @param Row $row of the store
     *
     * @return Row of the file
     */
    private static function out(array $row): array
    {
        $out = [];
        foreach ($row as $column => $value) {
            $out[self::camel($column)] = match (true) {
                null === $value => null,
                \in_array($column, self::JSON, true) => json_decode(\is_string($value) ? $value : 'null'),
                \in_array($column, self::BOOLEAN, true) => (bool) $value,
                \in_array($column, self::NUMBER, true) && is_numeric($value) => (float) $value,
                \in_array($column, self::MOMENT, true) && \is_string($value) => (new \DateTimeImmutable($value, new \DateTimeZone('UTC')))
                    ->format('Y-m-d\TH:i:s\Z'),
                default => $value,
            };
        }

        return $out;
    }

    /**
     * @param Row $row of a file
     *
     * @return Row of the store
     */
    public static function in(array $row): array
    {
        $in = [];
        foreach ($row as $name => $value) {
            $column = self::snake($name);
            $in[$column] = match (true) {
                null === $value => null,
                \in_array($column, self::JSON, true) => json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
                \is_bool($value) => (int) $value,
                \in_array($column, self::MOMENT, true) && \is_string($value) => (new \DateTimeImmutable($value))
                    ->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
                default => $value,
            };
        }

        return $in;
    }

    private static function camel(string $column): string
    {
        return lcfirst(str_replace('_', '', ucwords($column, '_')));
    }

    private static function snake(string $name): string
    {
        return strtolower((string) preg_replace('/[A-Z]/', '_$0', $name));
    }
}
