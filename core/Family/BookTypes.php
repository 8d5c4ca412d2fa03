<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/**
 * The types that one file describes together: a vane pump that runs dry, oil-sealed or in oil; a seal by packing or by
 * faces. Each type becomes a book of its own. Whatever has `only` stands in the types it names; what names a part or a
 * step that a type has not got goes with it, and what waited for such a step waits for what that one waited for.
 */
final readonly class BookTypes
{
    private const PARTS_LISTED = ['removes', 'facing', 'parts', 'without'];
    private const PLACES = ['from', 'to', 'place', 'part'];

    /** @var array<string, array<mixed>> key of the book => its content; lists keep the numbers of the file */
    private array $kept;

    /**
     * @param array<mixed> $file
     *
     * @throws BookError if the file names a type that it does not have, or has one without a title
     */
    public function __construct(array $file)
    {
        $data = new Data($file);
        if (!$data->has('types')) {
            $this->kept = [$data->textOrNull('book') ?? '' => $file];

            return;
        }
        $kept = [];
        $types = $data->named('types');
        if ([] === $types) {
            throw new BookError('is empty; expected the types that this file describes, or no types at all.', 'types');
        }
        self::checkNames($file, array_keys($types), '');
        unset($file['types']);
        foreach ($types as $type => $about) {
            $book = self::without($file, $type);
            $book = self::free($book, array_values(array_diff(self::places($file), self::places($book))));
            $book = self::rewired($book, $file);
            $key = $data->text('book').'-'.$type;
            $kept[$key] = ['book' => $key, 'title' => $about->text('title')] + (
                null === $about->textOrNull('about') ? [] : ['about' => $about->textOrNull('about')]
            ) + (null === $about->textOrNull('medium') ? [] : ['medium' => $about->textOrNull('medium')]) + $book;
        }
        $this->kept = $kept;
    }

    /** @return array<string, array<mixed>> key of the book => its content, as if it stood alone in a file */
    public function books(): array
    {
        return array_map(self::listed(...), $this->kept);
    }

    /** Where a path of one book stands in the file. */
    public function pathInFile(string $book, string $path): string
    {
        $at = $this->kept[$book] ?? [];
        $steps = [];
        foreach (explode('/', $path) as $step) {
            $steps[] = ctype_digit($step) && \is_array($at) ? (string) (array_keys($at)[(int) $step] ?? $step) : $step;
            $at = \is_array($at) ? $at[end($steps)] ?? null : null;
        }

        return implode('/', $steps);
    }

    /**
     * @param array<mixed> $content
     * @param list<string> $types
     */
    private static function checkNames(array $content, array $types, string $path): void
    {
        foreach ($content as $key => $value) {
            $here = ltrim($path.'/'.$key, '/');
            if ('only' === $key) {
                foreach ((array) $value as $named) {
                    \in_array($named, $types, true)
                        || throw new BookError(
                            \sprintf(
                                'there is no type "%s"; expected %s.',
                                \is_scalar($named) ? (string) $named : '',
                                implode(', ', $types),
                            ),
                            $here,
                        );
                }
            } elseif (\is_array($value)) {
                self::checkNames($value, $types, $here);
            }
        }
    }

    /**
     * @param array<mixed> $content
     *
     * @return array<mixed>
     */
    private static function without(array $content, string $type): array
    {
        $kept = [];
        foreach ($content as $key => $value) {
            if ('only' === $key || (\is_array($value) && isset($value['only']) && !\in_array($type, (array) $value['only'], true))) {
                continue;
            }
            $kept[$key] = \is_array($value) ? self::without($value, $type) : $value;
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

    /**
     * @param array<mixed> $content
     *
     * @return array<mixed>
     */
    private static function listed(array $content): array
    {
        $listed = array_map(static fn (mixed $value): mixed => \is_array($value) ? self::listed($value) : $value, $content);

        return [] !== $listed && [] === array_filter(array_keys($listed), is_string(...)) ? array_values($listed) : $listed;
    }
}
