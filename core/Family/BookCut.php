<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/**
 * A book without some of what its file holds. What names a part or a step that is gone goes with it, and what waited for
 * such a step waits for what that one waited for.
 */
final readonly class BookCut
{
    private const PARTS_LISTED = ['removes', 'facing', 'parts', 'without'];
    private const PLACES = ['from', 'to', 'place', 'part'];

    /** @param \Closure(array<mixed>): bool $stays */
    public function __construct(private \Closure $stays)
    {
    }

    /**
     * @param array<mixed> $file
     *
     * @return array<mixed> lists keep the numbers of the file
     */
    public function of(array $file): array
    {
        $book = $this->without($file);
        if ($book === $file) {
            return $file;
        }
        if (($book['parts'] ?? []) !== ($file['parts'] ?? []) || ($book['neighbours'] ?? []) !== ($file['neighbours'] ?? [])) {
            $gone = array_values(array_diff(self::places($file), self::places($book)));
            $book = [] === $gone ? $book : self::free($book, $gone);
        }

        return ($book['strip'] ?? []) === ($file['strip'] ?? []) ? $book : self::rewired($book, $file);
    }

    /**
     * @param array<mixed> $content
     *
     * @return array<mixed> with lists numbered from nought again
     */
    public static function listed(array $content): array
    {
        $listed = array_map(static fn (mixed $value): mixed => \is_array($value) ? self::listed($value) : $value, $content);

        return [] !== $listed && [] === array_filter(array_keys($listed), is_string(...)) ? array_values($listed) : $listed;
    }

    /**
     * @param array<mixed> $content
     *
     * @return array<mixed>
     */
    private function without(array $content): array
    {
        $kept = [];
        foreach ($content as $key => $value) {
            if (!\is_array($value)) {
                $kept[$key] = $value;
            } elseif (($this->stays)($value)) {
                $kept[$key] = $this->without($value);
            }
        }

        return $kept;
    }

    /**
     * @param array<mixed> $content
     * @param list<string> $gone places (`part` or `part/surface`) that the type has not got
     *
     * @return array<mixed>
     */
    private static function free(array $content, array $gone): array
    {
        foreach ($content as $key => $value) {
            if (!\is_array($value)) {
                continue;
            }
            foreach (self::PLACES as $end) {
                $place = \is_string($value[$end] ?? null) ? $value[$end] : '';
                if (\in_array($place, $gone, true) || \in_array(explode('/', $place)[0], $gone, true)) {
                    unset($content[$key]);
                    continue 2;
                }
            }
            foreach (self::PARTS_LISTED as $list) {
                if (!\is_array($value[$list] ?? null) || !array_is_list($value[$list])) {
                    continue;
                }
                $left = array_values(array_filter($value[$list], static fn (mixed $part): bool => !\in_array($part, $gone, true)));
                if (
                    $left !== $value[$list] && (
                        [] === $left
                            ? \in_array($list, ['removes', 'parts'], true)
                            : 'parts' === $list && isset($value['why']) && 1 === \count($left)
                    )
                ) {
                    unset($content[$key]);
                    continue 2;
                }
                $value[$list] = $left;
            }
            if (\is_array($value['pieces'] ?? null)) {
                $value['pieces'] = array_diff_key($value['pieces'], array_flip($gone));
            }
            $content[$key] = self::free($value, $gone);
        }

        return $content;
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<string> parts, and surfaces as `part/surface`
     */
    private static function places(array $content): array
    {
        $places = [];
        $data = new Data($content);
        foreach ($data->named('parts') + $data->named('neighbours') as $key => $part) {
            array_push(
                $places,
                $key,
                ...array_map(static fn (string $surface): string => $key.'/'.$surface, array_keys($part->named('surfaces'))),
            );
        }

        return $places;
    }

    /**
     * @param array<mixed> $book
     * @param array<mixed> $file
     *
     * @return array<mixed>
     */
    private static function rewired(array $book, array $file): array
    {
        $needs = [];
        foreach ((new Data($file))->maps('strip') as $step) {
            $needs[$step->text('key')] = $step->texts('needs');
        }
        $there = array_map(static fn (Data $step): string => $step->text('key'), (new Data($book))->maps('strip'));
        $instead = static function (string $need) use (&$instead, $needs, $there): array {
            return \in_array($need, $there, true) || !isset($needs[$need]) ? [$need] : array_merge(...array_map($instead, $needs[$need]));
        };
        $strip = \is_array($book['strip'] ?? null) ? $book['strip'] : [];
        foreach ($strip as $i => $step) {
            if (\is_array($step) && \is_array($step['needs'] ?? null)) {
                $step['needs'] = array_values(
                    array_unique(
                        array_merge(
                            ...array_map(
                                static fn (mixed $need): array => $instead(\is_scalar($need) ? (string) $need : ''),
                                array_values($step['needs']),
                            )
                        )
                    )
                );
                $strip[$i] = $step;
            }
        }

        return ['strip' => $strip] + $book;
    }
}
