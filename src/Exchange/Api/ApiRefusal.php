<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authorization\AccessDeniedHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** What a program is told that has no token, one that opens nothing, or one for something else. */
final class ApiRefusal implements AuthenticationEntryPointInterface, AuthenticationFailureHandlerInterface, AccessDeniedHandlerInterface
{
    private const UNKNOWN = 'This token opens nothing: it was never made, was ended, or its time is over. Make one on the page Exchange, '
        .'under “Programs that read”, and send it as "Authorization: Bearer …".';

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return new JsonResponse(['error' => self::UNKNOWN], 401, ['WWW-Authenticate' => 'Bearer']);
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return $this->start($request);
    }

    public function handle(Request $request, AccessDeniedException $accessDeniedException): Response
    {
        $wants = implode(', ', array_map(
            static fn (mixed $role): string => \is_string($role) ? strtolower(str_replace('ROLE_READ_', '', $role)) : '',
            $accessDeniedException->getAttributes(),
        ));

        return new JsonResponse(['error' => "This token was made without this scope: $wants. Make one that has it."], 403);
    }
}
