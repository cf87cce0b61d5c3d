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
        self::assertStringNotContainsString("script-src 'unsafe", (string) $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        preg_match_all('/(?:src|href)="([^"]+)"/', (string) $this->client->getResponse()->getContent(), $links);
        foreach ($links[1] as $link) {
            self::assertMatchesRegularExpression('#^(?:/build/|data:)#', $link);
        }
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
