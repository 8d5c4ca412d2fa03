<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use Twig\Attribute\AsTwigFilter;

/** What a browser calls itself, in words by which a person knows the own one again. */
final class Browser
{
    private const PROGRAMS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];
    private const MACHINES = [
        'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Macintosh' => 'Mac', 'Linux' => 'Linux',
    ];

    #[AsTwigFilter('browser')]
    public static function words(string $agent): string
    {
        $words = array_filter([self::first(self::PROGRAMS, $agent), self::first(self::MACHINES, $agent)]);

        return [] === $words ? 'some program' : implode(' on ', $words);
    }

    /** @param array<string, string> $known */
    private static function first(array $known, string $agent): string
    {
        foreach ($known as $mark => $word) {
            if (str_contains($agent, $mark)) {
                return $word;
            }
        }

        return '';
    }
}
