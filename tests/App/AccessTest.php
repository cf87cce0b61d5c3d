<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

use Pausis\App\Access\DeviceAuthenticator;
use Pausis\App\Access\Passphrase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpFoundation\Response;

/** Who may come in from the network. */
final class AccessTest extends ApiTestCase
{
    private const PHONE = '192.168.0.7';
    private const WORDS = 'leek clove barley thyme';

    public function testTheMachineItselfNeedsNothing(): void
    {
        self::assertSame(200, $this->ask('GET', '/api/today', '127.0.0.1')->getStatusCode());
        self::assertSame(200, $this->ask('GET', '/api/today', '::1')->getStatusCode());
    }

    public function testAnythingElseIsAskedAndToldNothing(): void
    {
        foreach (['/api/today', '/api/house', '/api/braises', '/api/server', '/api/catalogue'] as $path) {
            $answer = $this->ask('GET', $path, self::PHONE);
            self::assertSame(401, $answer->getStatusCode(), $path);
            self::assertSame('application/problem+json', $answer->headers->get('Content-Type'));
            self::assertStringNotContainsString('braise', (string) $answer->getContent());
        }
        self::assertSame(401, $this->ask('POST', '/api/braises', self::PHONE, '{}')->getStatusCode());
        self::assertSame(200, $this->ask('GET', '/health', self::PHONE)->getStatusCode());
    }

    public function testThePassphraseLetsADeviceInUntilItIsSentAway(): void
    {
        $this->passphrase()->set(self::WORDS);
        self::assertSame(422, $this->say('leek clove barley time')->getStatusCode());
        $answer = $this->say(self::WORDS);
        self::assertSame(204, $answer->getStatusCode());
        $cookie = $answer->headers->getCookies()[0];
        self::assertSame(DeviceAuthenticator::COOKIE, $cookie->getName());
        self::assertTrue($cookie->isHttpOnly());
        self::assertTrue($cookie->isSecure());
        self::assertSame('strict', $cookie->getSameSite());

        $server = $this->json($this->ask('GET', '/api/server', self::PHONE));
        self::assertSame('Phone of the kitchen', self::in($server, 'devices.0.name'));
        self::assertTrue(self::in($server, 'devices.0.isThis'));
        $device = self::text($server, 'devices.0.id');
        self::assertSame(204, $this->ask('DELETE', "/api/devices/$device", '127.0.0.1')->getStatusCode());
        self::assertSame(401, $this->ask('GET', '/api/today', self::PHONE)->getStatusCode());
    }

    public function testADeviceThatIsNotSeenForLongerThanAYearIsAskedAgain(): void
    {
        $this->passphrase()->set(self::WORDS);
        $this->say(self::WORDS);
        foreach (['+390 days' => 200, '+780 days' => 200, '+1181 days' => 401] as $later => $status) {
            $this->clock()->modify($later);
            self::assertSame($status, $this->ask('GET', '/api/house', self::PHONE)->getStatusCode(), $later);
            $this->clock()->modify('-'.substr($later, 1));
        }
    }

    public function testTheDoorWaitsAfterTenWrongAnswersAndOpensAgain(): void
    {
        $this->passphrase()->set(self::WORDS);
        for ($k = 0; $k < 10; ++$k) {
            self::assertSame(422, $this->say("guess $k")->getStatusCode());
        }
        self::assertSame(429, $this->say(self::WORDS)->getStatusCode());
        self::assertSame(204, $this->say(self::WORDS, '192.168.0.8')->getStatusCode());
        $this->clock()->modify('+16 minutes');
        self::assertSame(204, $this->say(self::WORDS)->getStatusCode());
    }

    public function testManyAddressesTogetherAreWaitedForToo(): void
    {
        $this->passphrase()->set(self::WORDS);
        for ($k = 0; $k < 60; ++$k) {
            $this->say('guess', '192.168.1.'.($k + 2));
        }
        self::assertSame(429, $this->say(self::WORDS, '192.168.2.9')->getStatusCode());
    }

    public function testWithoutAPassphraseTheDoorStaysShut(): void
    {
        $answer = $this->say('');
        self::assertSame(422, $answer->getStatusCode());
        self::assertStringContainsString('no passphrase yet', (string) $answer->getContent());
    }

    public function testTheCalendarHasAnAddressThatAnotherPassphraseChanges(): void
    {
        self::assertSame(404, $this->ask('GET', '/calendar/guess.ics', self::PHONE)->getStatusCode());
        $this->passphrase()->set(self::WORDS);
        $key = $this->passphrase()->calendarKey();
        self::assertMatchesRegularExpression('/^[0-9a-f]{40}$/', $key);
        $answer = $this->ask('GET', "/calendar/$key.ics", self::PHONE);
        self::assertSame(200, $answer->getStatusCode());
        self::assertStringStartsWith('BEGIN:VCALENDAR', (string) $answer->getContent());
        $this->passphrase()->set(self::WORDS.' dill');
        self::assertSame(404, $this->ask('GET', "/calendar/$key.ics", self::PHONE)->getStatusCode());
    }

    public function testItIsKeptAsArgon2idOnly(): void
    {
        $this->passphrase()->set(self::WORDS);
        $kept = json_encode($this->json($this->ask('GET', '/api/house', '127.0.0.1')), \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('argon', $kept);
        self::assertTrue($this->passphrase()->is(self::WORDS));
        self::assertFalse($this->passphrase()->is(self::WORDS.' '));
        self::assertMatchesRegularExpression('/^(?:[a-z]{4,9} ){4}[a-z]{4,9}$/', $this->passphrase()->propose());
    }

    private function passphrase(): Passphrase
    {
        $passphrase = static::getContainer()->get(Passphrase::class);
        self::assertInstanceOf(Passphrase::class, $passphrase);

        return $passphrase;
    }

    private function clock(): MockClock
    {
        $clock = static::getContainer()->get(\Psr\Clock\ClockInterface::class);
        self::assertInstanceOf(MockClock::class, $clock);

        return $clock;
    }

    private function say(string $passphrase, string $from = self::PHONE): Response
    {
        return $this->ask('POST', '/api/door', $from, (string) json_encode([
            'passphrase' => $passphrase, 'device' => 'Phone of the kitchen',
        ]));
    }

    private function ask(string $method, string $path, string $from, ?string $body = null): Response
    {
        $this->client->request($method, "https://localhost$path", server: [
            'REMOTE_ADDR' => $from, 'HTTP_ACCEPT' => 'application/json', 'HTTPS' => 'on',
            ...(null === $body ? [] : ['CONTENT_TYPE' => 'application/json']),
        ], content: $body);

        return $this->client->getResponse();
    }

    /** @return array<array-key, mixed> */
    private function json(Response $response): array
    {
        self::assertSame(200, $response->getStatusCode(), (string) $response->getContent());
        $json = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($json);

        return $json;
    }
}
