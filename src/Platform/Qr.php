<?php

declare(strict_types=1);

namespace App\Platform;

use Twig\Attribute\AsTwigFunction;

/** Codes that a phone reads (ISO/IEC 18004, error correction M), drawn by `qrencode`. */
final readonly class Qr
{
    public function __construct(private Tool $tool)
    {
    }

    /** As SVG to stand in a page. */
    #[AsTwigFunction('qr', isSafe: ['html'])]
    public function svg(string $text): string
    {
        $svg = $this->tool->run(['qrencode', '-t', 'SVG', '--inline', '-l', 'M', '-m', '2', '-o', '-', '--', $text], seconds: 10);
        $from = strpos($svg, '<svg');

        return false === $from ? '' : '<svg class="qr" role="img" aria-label="Code"'.substr($svg, $from + 4);
    }
}
