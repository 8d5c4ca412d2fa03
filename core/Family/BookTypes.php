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
            $book = self::said((new BookCut(
                static fn (array $value): bool => !isset($value['only']) || \in_array($type, (array) $value['only'], true),
            ))->of($file));
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
        return array_map(BookCut::listed(...), $this->kept);
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
     * @return array<mixed> without the word of the types in which something stands
     */
    private static function said(array $content): array
    {
        unset($content['only']);

        return array_map(static fn (mixed $value): mixed => \is_array($value) ? self::said($value) : $value, $content);
    }
}
