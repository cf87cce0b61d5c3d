<?php

declare(strict_types=1);

namespace Pausis\App\Store;

/** The store as a file, looked at before anything opens it to write. */
final readonly class StoreFile
{
    /** @param string $migrations folder of those that this Pausis knows */
    public function __construct(private string $path, private string $migrations)
    {
    }

    /** What is wrong with it, in a sentence; null where nothing is, or where there is none yet. */
    public function wrong(): ?string
    {
        clearstatcache(true, $this->path);
        if (!is_file($this->path) || 0 === filesize($this->path)) {
            return null;
        }
        try {
            $store = new \PDO("sqlite:$this->path", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $checked = self::column($store, 'PRAGMA quick_check(1)');
            if (['ok'] !== $checked) {
                return "The store $this->path is damaged: ".($checked[0] ?? 'it can’t be read').'.';
            }
            $newer = array_diff($this->applied($store), $this->known());
        } catch (\PDOException $e) {
            return "The store $this->path is damaged: it can’t be read as a store ({$e->getMessage()}).";
        }

        return [] === $newer ? null : "The store $this->path was written by a newer Pausis: update this one with git pull.";
    }

    /** @return list<string> */
    private function applied(\PDO $store): array
    {
        return [] === self::column($store, "SELECT name FROM sqlite_master WHERE name = 'doctrine_migration_versions'")
            ? []
            : array_map(self::bare(...), self::column($store, 'SELECT version FROM doctrine_migration_versions'));
    }

    /** @return list<string> */
    private function known(): array
    {
        return array_map(
            static fn (string $file): string => basename($file, '.php'), glob("$this->migrations/Version*.php") ?: [],
        );
    }

    private static function bare(string $version): string
    {
        return substr((string) strrchr("\\$version", '\\'), 1);
    }

    /** @return list<string> */
    private static function column(\PDO $store, string $sql): array
    {
        $rows = $store->query($sql);

        return false === $rows ? [] : array_map(static fn (mixed $v): string => \is_scalar($v)
            ? (string) $v : '', array_values($rows->fetchAll(\PDO::FETCH_COLUMN)));
    }
}
