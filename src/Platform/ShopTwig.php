<?php

declare(strict_types=1);

namespace App\Platform;

use Twig\Attribute\AsTwigFilter;

/** How the shop writes times and sizes. */
final class ShopTwig
{
    /** "3 d", "2 h", "just now": how old something is. */
    #[AsTwigFilter('age')]
    public function age(\DateTimeInterface $since): string
    {
        $seconds = max(0, time() - $since->getTimestamp());

        return match (true) {
            $seconds < 60 => 'just now',
            $seconds < 3600 => intdiv($seconds, 60).' min',
            $seconds < 86400 => intdiv($seconds, 3600).' h',
            default => intdiv($seconds, 86400).' d',
        };
    }

    /** A long text cut to a line; the whole stands where it belongs. */
    #[AsTwigFilter('cut')]
    public function cut(?string $text, int $most = 140): string
    {
        return null === $text ? '' : mb_strimwidth($text, 0, $most, '…');
    }

    #[AsTwigFilter('bytes')]
    public function bytes(int $bytes): string
    {
        return $bytes < 1000000 ? max(1, intdiv($bytes, 1000)).' kB' : number_format($bytes / 1e6, 1).' MB';
    }
}
