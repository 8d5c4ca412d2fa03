<?php

declare(strict_types=1);

namespace App\Account\Code;

/**
 * Codes of six digits that change every thirty seconds, as a telephone makes them from a shared key: HOTP (RFC 4226) of the step of
 * time (RFC 6238) with HMAC-SHA-1, which is what telephones take. No package of the registry is to be had for it.
 */
final class TimeCode
{
    public const SECONDS = 30;
    public const DIGITS = 6;

    /** Clocks may differ by so many steps. */
    private const STEPS_OFF = 1;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** 160 bits, as RFC 4226 (4, R6) has it. */
    public static function newKey(): string
    {
        return random_bytes(20);
    }

    /** @param int $time seconds since 1970 */
    public static function step(int $time): int
    {
        return intdiv($time, self::SECONDS);
    }

    /** RFC 4226, 5.3. */
    public static function of(string $key, int $step, int $digits = self::DIGITS): string
    {
        $mac = hash_hmac('sha1', pack('J', $step), $key, true);
        $from = \ord($mac[19]) & 0xF;
        $parts = unpack('N', substr($mac, $from, 4));
        $number = (int) ($parts[1] ?? 0) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', \STR_PAD_LEFT);
    }

    /** The step that a code belongs to, now or beside now; null: it is none of them. */
    public static function stepOf(string $key, string $code, int $time): ?int
    {
        $found = null;
        for ($step = self::step($time) - self::STEPS_OFF; $step <= self::step($time) + self::STEPS_OFF; ++$step) {
            if (hash_equals(self::of($key, $step), $code)) {
                $found = $step;
            }
        }

        return $found;
    }

    /** As it is typed where a code cannot be scanned (RFC 4648, 6, without filling). */
    public static function typed(string $key): string
    {
        $bits = '';
        foreach (str_split($key) as $byte) {
            $bits .= str_pad(decbin(\ord($byte)), 8, '0', \STR_PAD_LEFT);
        }
        $letters = array_map(
            static fn (string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        );

        return implode('', $letters);
    }

    /** What the telephone scans. */
    public static function address(string $key, string $shop, string $username): string
    {
        return 'otpauth://totp/'.rawurlencode($shop).':'.rawurlencode($username).'?'.http_build_query([
            'secret' => self::typed($key), 'issuer' => $shop, 'algorithm' => 'SHA1', 'digits' => self::DIGITS, 'period' => self::SECONDS,
        ], '', '&', \PHP_QUERY_RFC3986);
    }
}
