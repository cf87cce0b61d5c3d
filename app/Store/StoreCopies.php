<?php

declare(strict_types=1);

namespace Pausis\App\Store;

/** Copies of a store, made while it is in use by SQLite's own online backup, read back before they count, the oldest taken away. */
final readonly class StoreCopies
{
    public const KEPT = 14;
    private const BUSY_MS = 10_000;

    /** @param string $folder where they lie */
    public function __construct(private string $store, private string $folder)
    {
    }

    public static function beside(string $store): self
    {
        return new self($store, \dirname($store).'/copies');
    }

    /**
     * @return string the copy's file
     *
     * @throws \RuntimeException where it can't be made or doesn't read back as what it is of
     */
    public function make(\DateTimeImmutable $now): string
    {
        if (!is_dir($this->folder) && !@mkdir($this->folder, 0o700, true)) {
            throw new \RuntimeException("The folder $this->folder can’t be made.");
        }
        $copy = "$this->folder/pausis-{$now->format('Ymd-His')}.db";
        $part = "$copy.part";
        @unlink($part);
        try {
            $from = new \SQLite3($this->store, \SQLITE3_OPEN_READONLY);
            $from->busyTimeout(self::BUSY_MS);
            $to = new \SQLite3($part);
            if (!@$from->backup($to)) {
                throw new \RuntimeException('SQLite could not copy it.');
            }
            $to->exec('PRAGMA journal_mode = DELETE');
            $from->close();
            $to->close();
            self::verified($part);
        } catch (\Exception $e) {
            @unlink($part);
            throw new \RuntimeException("No copy was made of $this->store: {$e->getMessage()}", previous: $e);
        }
        rename($part, $copy);
        foreach (\array_slice($this->all(), self::KEPT) as $old) {
            @unlink($old);
        }

        return $copy;
    }

    /** @return list<string> files, the newest first */
    public function all(): array
    {
        $files = glob("$this->folder/pausis-*.db") ?: [];
        rsort($files);

        return $files;
    }

    public function last(): ?string
    {
        return $this->all()[0] ?? null;
    }

    /**
     * Puts a copy in the store's place; what was there is kept beside it.
     *
     * @return string|null where what was there lies now
     *
     * @throws \RuntimeException where the copy doesn't read back
     */
    public function restore(string $copy, \DateTimeImmutable $now): ?string
    {
        self::verified($copy);
        $kept = null;
        foreach (['', '-wal', '-shm'] as $end) {
            if (is_file($this->store.$end)) {
                $kept ??= \dirname($this->store).'/pausis-before-'.$now->format('Ymd-His').'.db';
                rename($this->store.$end, $kept.$end);
            }
        }
        if (!copy($copy, "$this->store.part")) {
            throw new \RuntimeException("$copy can’t be put into $this->store.");
        }
        rename("$this->store.part", $this->store);

        return $kept;
    }

    private static function verified(string $file): void
    {
        try {
            $store = new \PDO("sqlite:$file", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $checked = self::value($store, 'PRAGMA integrity_check(1)');
            $tables = self::value($store, "SELECT COUNT(*) FROM sqlite_master WHERE name IN ('house', 'braise', 'cook')");
        } catch (\PDOException $e) {
            throw new \RuntimeException("$file does not read back ({$e->getMessage()}).", previous: $e);
        }
        if ('ok' !== $checked || 3 !== $tables) {
            throw new \RuntimeException("$file does not read back as a store of Pausis.");
        }
    }

    private static function value(\PDO $store, string $sql): mixed
    {
        $rows = $store->query($sql);

        return false === $rows ? null : $rows->fetchColumn();
    }
}
