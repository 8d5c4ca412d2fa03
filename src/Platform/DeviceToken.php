<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;

/** The token with which a device of the shop signs in. It is shown once; the shop keeps its hash only. */
final class DeviceToken
{
    /** Forty hexadecimal digits. */
    public static function make(): string
    {
        return bin2hex(random_bytes(20));
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** Hash of the token that a device sent; empty: it sent none. */
    public static function sent(Request $request): string
    {
        return 1 === preg_match('/^Bearer ([0-9a-f]{40})$/', (string) $request->headers->get('Authorization'), $m) ? self::hash($m[1]) : '';
    }

    /** @param string $belongs to what the token does not belong, and where one is made */
    public static function refuse(string $belongs): JsonResponse
    {
        return new JsonResponse(['error' => $belongs.' Send it as "Authorization: Bearer …".'], 401, ['WWW-Authenticate' => 'Bearer']);
    }
}
