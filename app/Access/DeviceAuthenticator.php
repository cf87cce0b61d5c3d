<?php

declare(strict_types=1);

namespace Pausis\App\Access;

use Pausis\App\Store\Devices;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** A device of the house is known by its cookie; the machine itself needs none (security.yaml). */
final class DeviceAuthenticator extends AbstractAuthenticator implements AuthenticationEntryPointInterface
{
    public const COOKIE = 'pausis-device';

    public function __construct(private readonly Devices $devices, private readonly ClockInterface $clock)
    {
    }

    public function supports(Request $request): bool
    {
        return '' !== (string) $request->cookies->get(self::COOKIE);
    }

    public function authenticate(Request $request): Passport
    {
        $device = $this->devices->of((string) $request->cookies->get(self::COOKIE), $this->clock->now());
        if (null === $device) {
            throw new CustomUserMessageAuthenticationException('This device was sent away.');
        }

        return new SelfValidatingPassport(new UserBadge('house'));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** Goes on as nobody: what is open to all still is. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return new JsonResponse(
            ['type' => 'about:blank', 'title' => 'This device isn’t let in yet.', 'status' => 401, 'violations' => []], 401,
            ['Content-Type' => 'application/problem+json'],
        );
    }
}
