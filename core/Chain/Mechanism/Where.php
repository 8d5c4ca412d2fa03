<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\BookError;

/**
 * Where a rule holds: `surface touch soft`, `part oil /strainer|filter/ !rubber`. First over what it goes, then what each place has to be:
 * a carrier that it has, a class of material, or a word in its names between slashes; `!` for what it must not be.
 */
final readonly class Where
{
    private const OVER = ['unit', 'part', 'surface'];
    private const WORDS = [
        'oil', 'touch', 'drive', 'seal', 'hold', 'heat', 'wire', 'soft', 'hard', 'rubber', 'lining', 'bronze',
        'aluminium', 'carbon', 'spring', 'mesh', 'polymer', 'entry', 'faced', 'watched', 'catches', 'magnet',
        'keeps-air-out', 'keeps-water-out', 'keeps-dirt-out', 'fastener', 'narrow',
    ];

    /** @param list<array{bool, string}> $features must it be so, and the word or `/expression/` */
    private function __construct(public string $over, public array $features)
    {
    }

    public static function of(string $text, string $at): self
    {
        $words = preg_split('/\s+/', trim($text)) ?: [];
        $over = array_shift($words);
        if (!\in_array($over, self::OVER, true)) {
            throw new BookError(\sprintf('“%s” does not begin with %s.', $text, implode(', ', self::OVER)), $at);
        }
        $features = [];
        foreach ($words as $word) {
            $must = !str_starts_with($word, '!');
            $word = ltrim($word, '!');
            if (!\in_array($word, self::WORDS, true) && (1 !== preg_match('~^/[a-z|.*-]+/$~', $word) || false === @preg_match($word, ''))) {
                throw new BookError(
                    \sprintf(
                        '“%s” is nothing that a place can be. Expected %s, or words between slashes.',
                        $word,
                        implode(', ', self::WORDS),
                    ),
                    $at,
                );
            }
            $features[] = [$must, $word];
        }

        return new self($over, $features);
    }
}
