<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\PartKind;
use Japhrex\Core\Family\SurfaceKind;

/**
 * Where a rule holds: `surface touch soft`, `part oil filter|suction !rubber`. First over what it goes, then what each place has to be: a
 * carrier that it has, a class of material, or what its book says that it is (`PartKind`, `SurfaceKind`); `|` between words of which one is
 * enough, `!` before what it must not be. In a book of a shop it may also be words in its names, between slashes.
 */
final readonly class Where
{
    private const OVER = ['unit', 'part', 'surface'];
    private const WORDS = [
        'oil', 'touch', 'drive', 'seal', 'hold', 'heat', 'wire', 'soft', 'hard', 'rubber', 'lining', 'bronze',
        'aluminium', 'carbon', 'stainless', 'mesh', 'fine', 'polymer', 'entry', 'faced', 'watched', 'catches',
        'keeps-air-out', 'keeps-water-out', 'keeps-dirt-out', 'fastener', 'neighbour', 'adjustable', 'liquid',
    ];

    /** @param list<array{bool, list<string>}> $features must it be so, and the words of which one is enough */
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
        $known = [...self::WORDS, ...PartKind::words(), ...SurfaceKind::words()];
        foreach ($words as $word) {
            $must = !str_starts_with($word, '!');
            $word = ltrim($word, '!');
            $isExpression = 1 === preg_match('~^/[a-z|.*-]+/$~', $word) && false !== @preg_match($word, '');
            $any = $isExpression ? [$word] : explode('|', $word);
            foreach ($isExpression ? [] : array_diff($any, $known) as $unknown) {
                throw new BookError(
                    \sprintf('“%s” is nothing that a place can be. Expected some of %s.', $unknown, implode(', ', array_unique($known))),
                    $at,
                );
            }
            $features[] = [$must, $any];
        }

        return new self($over, $features);
    }

    /** @param list<string> $words */
    public function asksFor(array $words): bool
    {
        return [] !== array_filter($this->features, static fn (array $one): bool => $one[0] && [] !== array_intersect($one[1], $words));
    }
}
