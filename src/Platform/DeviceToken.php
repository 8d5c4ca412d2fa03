<?php

declare(strict_types=1);

namespace App\Platform;

/** The token with which a device of the shop signs in. It is shown once; the shop keeps its hash only. */
final class DeviceToken
{
    /** Forty hexadecimal digits. */
    public static function make(): string
    {
        return bin2hex(random_bytes(20));
    }

    /** @return non-empty-string */
    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
