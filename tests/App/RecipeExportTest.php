<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** The adapted recipe, exported and brought in again, is the same recipe. */
final class RecipeExportTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> recipes of the corpus that name their meat and its amount */
    public static function recipes(): iterable
    {
        foreach ([
            '01-plain-british', '02-american-blog', '05-one-paragraph', '06-markdown', '07-groups', '14-red-braise', '18-pressure',
            '25-persian', '28-curry', '30-notes-and-asides',
        ] as $name) {
            yield $name => [(string) file_get_contents(\dirname(__DIR__)."/Core/Reading/corpus/recipes/$name.txt")];
        }
    }

    #[DataProvider('recipes')]
    public function testMarkdownAndJsonLdReadBackToTheSameRecipe(string $text): void
    {
        $draft = $this->draft();
        $read = $this->call('POST', '/api/recipes/read', ['text' => $text])['draft'];
        self::assertIsArray($read);
        $braise = $this->call('POST', '/api/braises', [...$read, 'cookerId' => $draft['cookerId'], 'serveAt' => '2026-11-27T19:00'], 201);
        self::assertNotNull($braise['adaptation'], json_encode($braise['problems'], \JSON_THROW_ON_ERROR));
        $id = self::text($braise, 'id');

        $fromMarkdown = $this->readBack($this->export("/api/braises/$id/recipe.md", 'text/markdown'), 'braise.md');
        $fromJson = $this->readBack($this->export("/api/braises/$id/recipe.jsonld", 'application/ld+json'), 'braise.json');

        self::assertSame($fromMarkdown, $fromJson);
        self::assertSame([$read['title'], $read['serves']], [$fromMarkdown['title'], $fromMarkdown['serves']]);
        self::assertSame('slow-cooker', $fromMarkdown['method']);
        self::assertContains('cook', $fromMarkdown['kinds']);
        $poured = array_filter(
            self::foods($braise), static fn (string $food): bool => 1 !== preg_match('/ (?:meat|liquid|tomato|dairy|acid)$/', $food),
        );
        self::assertSame([], array_values(array_diff($poured, $fromMarkdown['foods'])));
    }

    private function export(string $path, string $type): string
    {
        $this->client->request('GET', $path);
        $response = $this->client->getResponse();
        self::assertSame(200, $response->getStatusCode(), (string) $response->getContent());
        self::assertSame("$type; charset=utf-8", $response->headers->get('Content-Type'));

        return (string) $response->getContent();
    }

    /** @return array{title: mixed, serves: mixed, method: mixed, foods: list<string>, kinds: list<mixed>} */
    private function readBack(string $file, string $name): array
    {
        $read = $this->call('POST', '/api/recipes/read', ['text' => $file, 'name' => $name]);
        $draft = (array) $read['draft'];

        return [
            'title' => $draft['title'], 'serves' => $draft['serves'], 'method' => self::in($draft, 'original.method'),
            'foods' => self::foods($read),
            'kinds' => array_column((array) $read['steps'], 'kind'),
        ];
    }

    /**
     * @param array<array-key, mixed> $answer
     *
     * @return list<string> amount and role of each ingredient
     */
    private static function foods(array $answer): array
    {
        $foods = [];
        foreach (array_keys((array) $answer['understood']) as $k) {
            $foods[] = self::text($answer, "understood.$k.quantity").' '.self::text($answer, "understood.$k.role");
        }

        return $foods;
    }
}
