<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
use Pausis\Migrations\Version20261202101000;
use Psr\Clock\ClockInterface;
use Psr\Log\NullLogger;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\MockClock;

/** A client of the API on a store of its own in memory, its clock standing at 05:30 on 26 November 2026. */
abstract class ApiTestCase extends WebTestCase
{
    protected const RECIPE = <<<'TEXT'
        Lamb shanks with white beans
        Serves 4

        Ingredients
        4 lamb shanks (about 1.6 kg)
        2 onions, sliced
        250 ml white wine
        700 ml chicken stock
        2 bay leaves
        1 tsp salt

        Method
        Brown the shanks. Pour in the wine and reduce by half.
        Cover and cook in the oven at 150 for 3 hours.
        TEXT;

    protected KernelBrowser $client;

    protected function setUp(): void
    {
        $this->client = static::createClient();
        $this->client->disableReboot();
        $manager = static::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        (new SchemaTool($manager))->createSchema($manager->getMetadataFactory()->getAllMetadata());
        // What is no entity: the words of the notebook.
        $words = new Version20261202101000($manager->getConnection(), new NullLogger());
        $words->up(new Schema());
        foreach ($words->getSql() as $query) {
            $manager->getConnection()->executeStatement($query->getStatement());
        }
    }

    /** @return array<array-key, mixed> */
    protected function call(string $method, string $path, mixed $body = null, int $expected = 200): array
    {
        $this->client->request($method, $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: \is_string($body) ? $body : (null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR)));
        $response = $this->client->getResponse();
        self::assertSame($expected, $response->getStatusCode(), (string) $response->getContent());
        if ($expected >= 400) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        }
        $answer = '' === $response->getContent() ? [] : json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }

    /**
     * A draft as read from the recipe, with a cooker and a working day.
     *
     * @return array<string, mixed>
     */
    protected function draft(): array
    {
        $cooker = $this->call(
            'POST', '/api/cookers', ['name' => 'Oval', 'capacity' => '6.5 L', 'shape' => 'oval', 'watts' => '270', 'autoWarm' => ''], 201,
        );
        $draft = $this->call('POST', '/api/recipes/read', ['text' => self::RECIPE])['draft'];
        self::assertIsArray($draft);

        /** @var array<string, mixed> */
        return [
            ...$draft, 'cookerId' => $cooker['id'], 'serveAt' => '2026-11-26T19:00',
            'away' => [['from' => '2026-11-26T08:10', 'to' => '2026-11-26T17:20', 'who' => '', 'what' => 'away']],
        ];
    }

    /**
     * What stands in an answer under a path of keys.
     *
     * @param array<array-key, mixed> $answer
     */
    protected static function in(array $answer, string $path): mixed
    {
        $value = $answer;
        foreach (explode('.', $path) as $key) {
            self::assertIsArray($value, $path);
            self::assertArrayHasKey($key, $value, $path);
            $value = $value[$key];
        }

        return $value;
    }

    /**
     * @param array<array-key, mixed> $answer
     */
    protected static function text(array $answer, string $path): string
    {
        $value = self::in($answer, $path);
        self::assertIsString($value, $path);

        return $value;
    }

    protected function now(): int
    {
        return $this->clock()->now()->getTimestamp();
    }

    protected function at(int $time): void
    {
        $this->clock()->modify((new \DateTimeImmutable("@$time"))->format('Y-m-d H:i:s'));
    }

    private function clock(): MockClock
    {
        $clock = static::getContainer()->get(ClockInterface::class);
        self::assertInstanceOf(MockClock::class, $clock);

        return $clock;
    }
}
