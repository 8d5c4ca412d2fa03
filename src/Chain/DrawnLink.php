<?php

declare(strict_types=1);

namespace App\Chain;

/** A link of the chain as a line. */
final readonly class DrawnLink
{
    /** Length and half width of the head of its arrow, pixels. */
    private const HEAD = [11.0, 4.5];

    /**
     * @param string $path as SVG has it
     * @param string $mechanism by its name
     */
    public function __construct(public ChainLink $link, public string $path, public string $mechanism)
    {
    }

    /** The head of its arrow as SVG has it; empty: the line was not laid. Markers are not drawn alike everywhere on paper. */
    public function head(): string
    {
        preg_match_all('/-?\d+(?:\.\d+)?/', $this->path, $found);
        if (\count($found[0]) < 4) {
            return '';
        }
        [$fromX, $fromY, $x, $y] = array_map(floatval(...), \array_slice($found[0], -4));
        $long = max(1e-6, hypot($x - $fromX, $y - $fromY));
        [$alongX, $alongY] = [($x - $fromX) / $long, ($y - $fromY) / $long];
        [$back, $wide] = self::HEAD;

        return \sprintf(
            'M%.1f %.1fL%.1f %.1fL%.1f %.1fZ',
            $x, $y, $x - $back * $alongX + $wide * $alongY, $y - $back * $alongY - $wide * $alongX,
            $x - $back * $alongX - $wide * $alongY, $y - $back * $alongY + $wide * $alongX,
        );
    }
}
