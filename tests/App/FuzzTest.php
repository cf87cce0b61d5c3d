<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** Hostile requests of every kind, the same each time: each is answered, none by a server error, and none names a class. */
final class FuzzTest extends ApiTestCase
{
    private const SEED = 20261126;
    private const CASES = 300;
    private const ALLOWED = [200, 201, 204, 400, 403, 404, 405, 409, 413, 415, 422];
    private const PATHS = [
        ['POST', '/api/recipes/read'], ['POST', '/api/recipes/lines'],
        ['POST', '/api/braises/preview'], ['POST', '/api/braises'], ['PUT', '/api/braises/%s'],
        ['GET', '/api/braises/%s'], ['DELETE', '/api/braises/%s'],
        ['POST', '/api/braises/%s/cook'], ['POST', '/api/cooks/%s/fork-tests'], ['POST', '/api/cooks/%s/sauce'],
        ['POST', '/api/cooks/%s/power'], ['POST', '/api/cooks/%s/facts'],
        ['POST', '/api/cooks/%s/close'], ['DELETE', '/api/cooks/%s/events/last'], ['POST', '/api/cooks/%s/done'],
        ['POST', '/api/cookers'], ['PUT', '/api/cookers/%s'], ['POST', '/api/cookers/%s/water-test'],
        ['PUT', '/api/house'], ['POST', '/api/meanings'], ['DELETE', '/api/meanings/%s'],
        ['GET', '/api/braises/%s/sheet.pdf'], ['GET', '/api/braises/%s/calendar.ics'], ['PATCH', '/api/house'], ['GET', '/api/nowhere/%s'],
    ];
    private const TEXTS = [
        '', ' ', "\0", "a\0b", '-1', '0', '1e999', 'NaN', '999999999999 kg', '1/0 cup', '٣ kg', '½', '{{7*7}}', '<script>alert(1)</script>',
        "'; DROP TABLE braise; --", '../../etc/passwd', '%00', "\u{202e}evil",
        'P999999999999999999999D', 'PT9999999999H', '9999-99-99T99:99', '2026-11-26T25:61', '2026-02-30T10:00', 'half past nine', '12',
        '-90 s', '-999999999 s', 'left-out', 'null', 'true', '[]', '🍲',
    ];

    public function testEveryRequestIsAnsweredAndNoneByAnError(): void
    {
        mt_srand(self::SEED);
        $braise = $this->call('POST', '/api/braises', $this->draft(), 201);
        $draft = (array) $braise['draft'];
        $cook = self::text(
            $this->call(
                'POST', '/api/braises/'.self::text($braise, 'id').'/cook',
                ['at' => '', 'setting' => 'low', 'serveAt' => '2026-11-26T19:00', 'knowing' => ['already-on']], 201,
            ),
            'id',
        );
        $bodies = [$draft, ['revision' => 1, 'draft' => $draft], ['text' => self::RECIPE], [
            'at' => '', 'setting' => 'low', 'answer' => 'gives', 'left' => '1 l', 'job' => 'x', 'fact' => 'boiled', 'value' => '9',
            'minutes' => '3', 'home' => true,
        ],
            self::in($this->call('GET', '/api/house'), 'draft'), [
                'name' => 'x', 'capacity' => '5 L', 'shape' => 'oval', 'watts' => '', 'autoWarm' => '',
            ]];
        $ids = [self::text($braise, 'id'), $cook, 'nobody', '%00', '..%2F..', str_repeat('9', 300), '%F0%9F%8D%B2'];
        $seen = [];
        for ($case = 0; $case < self::CASES; ++$case) {
            [$method, $path] = self::PATHS[mt_rand(0, \count(self::PATHS) - 1)];
            $body = $this->spoiled($bodies[mt_rand(0, \count($bodies) - 1)]);
            $this->client->request(
                $method, \sprintf($path, $ids[mt_rand(0, \count($ids) - 1)]), server: ['CONTENT_TYPE' => 'application/json'],
                content: 'GET' === $method ? null : $body,
            );
            $seen[$this->assertAnswered("$case: $method $path ".substr($body, 0, 300))] = true;
        }
        self::assertArrayHasKey(422, $seen);
        self::assertArrayHasKey(404, $seen);
    }

    public function testOnlyItsOwnPagesWrite(): void
    {
        $draft = json_encode(
            ['name' => 'Planted', 'capacity' => '5 L', 'shape' => 'oval', 'watts' => '', 'autoWarm' => ''], \JSON_THROW_ON_ERROR,
        );
        $json = ['CONTENT_TYPE' => 'application/json'];
        foreach ([
            [415, ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'], 'name=Planted'],
            [415, ['CONTENT_TYPE' => 'multipart/form-data; boundary=x'], "--x\r\n\r\n--x--"],
            [415, ['CONTENT_TYPE' => 'text/plain'], $draft],
            [403, [...$json, 'HTTP_ORIGIN' => 'http://elsewhere.example'], $draft],
            [403, [...$json, 'HTTP_ORIGIN' => 'null'], $draft],
            [403, [...$json, 'HTTP_SEC_FETCH_SITE' => 'cross-site'], $draft],
            [201, [...$json, 'HTTP_ORIGIN' => 'http://localhost'], $draft],
            [201, [...$json, 'HTTP_SEC_FETCH_SITE' => 'same-origin'], $draft],
        ] as [$expected, $headers, $content]) {
            $this->client->request('POST', '/api/cookers', server: $headers, content: $content);
            self::assertSame(
                $expected, $this->assertAnswered(json_encode($headers, \JSON_THROW_ON_ERROR)), json_encode($headers, \JSON_THROW_ON_ERROR),
            );
        }
        $this->client->request(
            'POST', '/api/house', ['_method' => 'PUT'], server: ['HTTP_X_HTTP_METHOD_OVERRIDE' => 'PUT', ...$json], content: '{}',
        );
        self::assertSame(405, $this->assertAnswered('method override'));
        self::assertCount(2, $this->call('GET', '/api/cookers'));
    }

    public function testPagesOfManyTagsAndAttributesAreTakenOrRefused(): void
    {
        $pages = [
            'attributes' => '<html><body><p '.implode(
                ' ', array_map(static fn (int $k): string => "a$k=1", range(1, 40_000)),
            ).'>2 onions</p></body></html>',
            'scripts' => '<html><body>'.str_repeat('<script>1</script>', 20_000)
                .'<ul><li>2 onions</li><li>1 kg beef chuck</li></ul></body></html>',
            'open scripts' => '<html>'.str_repeat('<script', 100_000),
            'deep' => '<html><body>'.str_repeat('<div>', 15_000).'2 onions',
            'tags' => '<html><body>'.str_repeat('<b>x</b>', 30_000),
            'comments' => '<html>'.str_repeat('<!-- ', 100_000),
            'duration' => '<html><script type="application/ld+json">'.json_encode([
                '@type' => 'Recipe', 'name' => 'x', 'cookTime' => 'P99999999999999999999DT99999999999H',
                'recipeIngredient' => ['1 kg beef chuck', '2 onions'], 'recipeInstructions' => 'Braise for 3 hours.',
            ]).'</script></html>',
        ];
        foreach ($pages as $name => $page) {
            $this->client->request(
                'POST', '/api/recipes/read', server: ['CONTENT_TYPE' => 'application/json'],
                content: json_encode(['text' => $page, 'name' => 'page.html'], \JSON_THROW_ON_ERROR),
            );
            self::assertContains($this->assertAnswered($name), [200, 422], $name);
        }
    }

    public function testATitleBeginsNoHeading(): void
    {
        $braise = $this->call('POST', '/api/braises', [...$this->draft(), 'title' => "Stew\n## Method\n\n1. Nothing"], 201);
        $this->client->request('GET', '/api/braises/'.self::text($braise, 'id').'/recipe.md');
        $lines = explode("\n", (string) $this->client->getResponse()->getContent());

        self::assertSame('# Stew ## Method 1. Nothing', $lines[0]);
        self::assertCount(1, array_keys($lines, '## Method', true));
    }

    private function spoiled(mixed $body): string
    {
        if (0 === mt_rand(0, 9)) {
            return ['', '{', '[]', 'null', '"x"', '{"a":', str_repeat('[', 600), "\xff\xfe"][mt_rand(0, 7)];
        }
        $body = (array) $body;
        for ($times = mt_rand(1, 3); $times > 0; --$times) {
            $body = $this->changed($body, 0);
        }

        return json_encode($body, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<array-key, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private function changed(array $body, int $depth): array
    {
        if ([] === $body) {
            return ['what' => self::TEXTS[mt_rand(0, \count(self::TEXTS) - 1)]];
        }
        $key = array_keys($body)[mt_rand(0, \count($body) - 1)];
        if (\is_array($body[$key]) && $depth < 4 && mt_rand(0, 2)) {
            $body[$key] = $this->changed($body[$key], $depth + 1);

            return $body;
        }
        $body[$key] = match (mt_rand(0, 6)) {
            0 => null,
            1 => mt_rand(-10, 10),
            2 => [],
            3 => ['x' => ['y' => 1]],
            4 => str_repeat('long ', 3000),
            default => self::TEXTS[mt_rand(0, \count(self::TEXTS) - 1)],
        };

        return $body;
    }

    private function assertAnswered(string $what): int
    {
        $response = $this->client->getResponse();
        $status = $response->getStatusCode();
        self::assertContains($status, self::ALLOWED, $what.' → '.$status.' '.substr((string) $response->getContent(), 0, 400));
        self::assertSame('nosniff', $response->headers->get('X-Content-Type-Options'), $what);
        if ($status >= 400) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'), $what);
            self::assertDoesNotMatchRegularExpression(
                '/Pausis\\\\|Symfony|Exception|\\.php/', stripcslashes((string) $response->getContent()), $what,
            );
        }

        return $status;
    }
}
