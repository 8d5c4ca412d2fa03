<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authorization\AccessDeniedHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** What a device is told that has no token, a wrong one, or one for something else. */
final class DeviceRefusal implements AuthenticationEntryPointInterface, AuthenticationFailureHandlerInterface, AccessDeniedHandlerInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return self::refused();
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return self::refused();
    }

    public function handle(Request $request, AccessDeniedException $accessDeniedException): Response
    {
        return self::refused();
    }

    private static function refused(): JsonResponse
    {
        return new JsonResponse(
            [
                'error' => 'This token belongs to no device that may send here. Make one on the page of the gauges, or of the test stands, '
                    .'and send it as "Authorization: Bearer …".',
            ],
            401,
            ['WWW-Authenticate' => 'Bearer'],
        );
    }
}
