<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

final class PageTest extends ApiTestCase
{
    public function testEveryPlaceOfTheFrontEndIsTheOnePage(): void
    {
        foreach (['/', '/bring', '/braises/some-id', '/cooks/some-id', '/nowhere/at/all'] as $path) {
            $this->client->request('GET', $path);
            self::assertSame(200, $this->client->getResponse()->getStatusCode(), $path);
            self::assertStringContainsString('<div id="root">', (string) $this->client->getResponse()->getContent());
        }
    }

    public function testThePageLetsNothingForeignIn(): void
    {
        $this->client->request('GET', '/');
        $headers = $this->client->getResponse()->headers;

        self::assertStringContainsString("default-src 'self'", (string) $headers->get('Content-Security-Policy'));
        self::assertStringNotContainsString('unsafe', (string) $headers->get('Content-Security-Policy'));
        preg_match('/<meta name="style-nonce" content="([0-9a-f]{24})">/', (string) $this->client->getResponse()->getContent(), $nonce);
        self::assertStringContainsString("style-src 'self' 'nonce-".($nonce[1] ?? '')."'",
            (string) $headers->get('Content-Security-Policy'));
        $this->client->request('GET', '/');
        self::assertStringNotContainsString($nonce[1] ?? '-', (string) $this->client->getResponse()->getContent(), 'another each time');
        $this->client->request('GET', '/');
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        preg_match_all('/(?:src|href)="([^"]+)"/', (string) $this->client->getResponse()->getContent(), $links);
        foreach ($links[1] as $link) {
            self::assertMatchesRegularExpression('#^(?:/build/|data:)#', $link);
        }
    }

    public function testWhatIsLoadedAtFirstIsSmallAndThePlacesAreLoadedWhenVisited(): void
    {
        $built = \dirname(__DIR__, 2).'/public/build/';
        /** @var array<string, array{file: string, imports?: list<string>, dynamicImports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($built.'.vite/manifest.json'), true, 16, \JSON_THROW_ON_ERROR);
        $bytes = 0;
        foreach (['src/main.tsx', ...$manifest['src/main.tsx']['imports'] ?? []] as $chunk) {
            $bytes += \strlen((string) gzencode((string) file_get_contents($built.$manifest[$chunk]['file']), 6));
        }

        self::assertLessThanOrEqual(140_000, $bytes);
        foreach (['PotPlace', 'DayPlace', 'ChangesPlace', 'RecipePlace'] as $place) {
            $later = array_filter(
                $manifest['src/main.tsx']['dynamicImports'] ?? [], static fn (string $chunk): bool => str_contains($chunk, $place),
            );
            self::assertCount(1, $later, $place);
        }
    }

    public function testTheWorkerIsUnderTheRootAndAsksItsOwnServerAlone(): void
    {
        $this->client->request('GET', '/sw.js');
        $response = $this->client->getResponse();

        self::assertSame(200, $response->getStatusCode());
        self::assertStringStartsWith('text/javascript', (string) $response->headers->get('Content-Type'));
        self::assertStringContainsString('no-cache', (string) $response->headers->get('Cache-Control'));
        self::assertSame("default-src 'none'; connect-src 'self'", $response->headers->get('Content-Security-Policy'));
        $kept = (string) $response->getContent();
        $main = glob(\dirname(__DIR__, 2).'/public/build/assets/main-*.js') ?: [];
        self::assertNotSame([], $main);
        self::assertStringContainsString('/build/assets/'.basename($main[0]), $kept);
        self::assertMatchesRegularExpression('#\{url:"/",revision:"[0-9a-f]{16}"#', $kept, 'the page itself, anew with what it loads');
    }

    public function testAnotherHostIsRefused(): void
    {
        $this->client->request('GET', '/api/house', server: ['HTTP_HOST' => 'elsewhere.example']);

        self::assertSame(400, $this->client->getResponse()->getStatusCode());
    }

    public function testAnswersOfTheApiAreNotCached(): void
    {
        $this->call('GET', '/api/catalogue');

        self::assertStringContainsString('no-store', (string) $this->client->getResponse()->headers->get('Cache-Control'));
    }
}
