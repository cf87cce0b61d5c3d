<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Pausis\App\Kitchen\Drafts;
use Pausis\Core\Problem\Problems;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Serializer\Exception\ExceptionInterface as SerializerError;

/**
 * A house's file as it was sent, looked through before anything of it is used.
 *
 * @phpstan-import-type File from WholeHouse
 * @phpstan-import-type Row from WholeHouse
 */
final readonly class HouseFile
{
    private const DEPTH = 48;
    private const SCHEMA = __DIR__.'/house.schema.json';
    private const AHEAD = '+2 days';

    public function __construct(private Drafts $drafts)
    {
    }

    /**
     * @param \DateTimeImmutable $now   no cook begins much later
     * @param list<string>       $known ids of braises that its cooks may be of, beside its own
     *
     * @return File|null null where a problem stands in the way
     */
    public function read(string $json, \DateTimeImmutable $now, Problems $problems, array $known = []): ?array
    {
        $file = json_decode($json, false, self::DEPTH);
        $code = match (true) {
            null === $file => 'file-cut-off',
            !$file instanceof \stdClass || WholeHouse::FORMAT !== ($file->format ?? null) => 'file-of-another',
            !\is_int($file->version ?? null) || $file->version > WholeHouse::VERSION => 'file-newer',
            default => null,
        };
        if (null !== $code) {
            $problems->add($code, 'file');

            return null;
        }
        $validator = new Validator();
        $result = $validator->validate($file, (string) file_get_contents(self::SCHEMA));
        if (!$result->isValid()) {
            $problems->add('file-does-not-fit', 'file', ['where' => self::place($result->error())]);

            return null;
        }
        unset($file);
        /** @var File $rows */
        $rows = json_decode($json, true, self::DEPTH);
        $this->hangsTogether($rows, $known, $now, $problems);

        return $problems->none() ? $rows : null;
    }

    /**
     * @param File         $file
     * @param list<string> $known
     */
    private function hangsTogether(array $file, array $known, \DateTimeImmutable $now, Problems $problems): void
    {
        $braises = array_flip([...$known, ...self::texts($file['braises'], 'id')]);
        $cooks = array_flip(self::texts($file['cooks'], 'id'));
        foreach ($file['braises'] as $k => $braise) {
            $this->isDraft($braise['draft'] ?? null) || $problems->add('file-does-not-fit', 'file', ['where' => "braises.$k.draft"]);
        }
        foreach ($file['cooks'] as $k => $cook) {
            isset($braises[self::text($cook, 'braiseId')]) || $problems->add('file-does-not-fit', 'file', ['where' => "cooks.$k.braiseId"]);
            $this->isDraft($cook['draft'] ?? null) || $problems->add('file-does-not-fit', 'file', ['where' => "cooks.$k.draft"]);
            $on = new \DateTimeImmutable(self::text($cook, 'switchedOn'));
            $on <= $now->modify(self::AHEAD) || $problems->add('file-of-the-future', 'file', ['where' => "cooks.$k.switchedOn"]);
        }
        foreach ($file['pages'] as $k => $page) {
            isset($cooks[self::text($page, 'cookId')]) || $problems->add('file-does-not-fit', 'file', ['where' => "pages.$k.cookId"]);
        }
    }

    private function isDraft(mixed $draft): bool
    {
        if (!\is_array($draft)) {
            return false;
        }
        try {
            /** @var array<string, mixed> $draft */
            $this->drafts->patched($draft, [], 'draft');

            return true;
        } catch (SerializerError|HttpExceptionInterface) {
            return false;
        }
    }

    /** @param Row $row */
    private static function text(array $row, string $key): string
    {
        return \is_string($row[$key] ?? null) ? $row[$key] : '';
    }

    /**
     * @param list<Row> $rows
     *
     * @return list<string>
     */
    private static function texts(array $rows, string $key): array
    {
        return array_map(static fn (array $row): string => self::text($row, $key), $rows);
    }

    /** Where in the file, as keys after each other. */
    private static function place(?ValidationError $error): string
    {
        $path = null === $error ? '' : (string) array_key_first((new ErrorFormatter())->format($error, false));

        return str_replace('/', '.', trim($path, '/'));
    }
}
