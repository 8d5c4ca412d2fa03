<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** The words that a shop's books know, each with what it means; a word may be typed whole, by its last part, or otherwise bent. */
final readonly class AskWords
{
    private const ENDINGS = '/(?:ings|ing|ions|ion|ers|ed|es|en|er|s|e)$/u';

    /** @var array<string, array<string, list<string>>> kind => word as it is compared => keys */
    private array $index;

    /** @var array<string, list<string>> word as it is compared => what is called so, in all its names, in small letters */
    private array $called;

    /**
     * @param array<string, array<string, list<string>>> $words value of a WordKind => key => what it is called, the usual name first
     */
    public function __construct(public array $words)
    {
        $index = $called = [];
        foreach ($words as $kind => $keys) {
            foreach ($keys as $key => $names) {
                foreach ([(string) $key, ...$names] as $name) {
                    $index[$kind][self::compared($name)][] = (string) $key;
                    $called[self::compared($name)][] = array_map(mb_strtolower(...), $names);
                }
                // "block" is any of the parts that end so; what a family is, one word alone does not tell.
                $tail = explode('-', (string) $key);
                while (\count($tail) > (WordKind::Family->value === $kind ? 2 : 1)) {
                    array_shift($tail);
                    $index[$kind][self::compared(implode('-', $tail))][] = (string) $key;
                }
            }
        }
        $this->index = array_map(
            static fn (array $of): array => array_map(static fn (array $keys): array => array_values(array_unique($keys)), $of),
            $index,
        );
        $this->called = array_map(static fn (array $of): array => array_values(array_unique(array_merge(...$of))), $called);
    }

    /** @return list<string> keys that it may mean; none: it is not known */
    public function keys(WordKind $kind, string $word): array
    {
        return $this->index[$kind->value][self::compared($word)] ?? [];
    }

    public function name(WordKind $kind, string $key): string
    {
        return $this->words[$kind->value][$key][0] ?? $key;
    }

    /** @return list<string> keys that begin as it does, or are nearest in their letters */
    public function near(WordKind $kind, string $word, int $most = 5): array
    {
        $word = mb_strtolower($word);
        $far = [];
        foreach ($this->words[$kind->value] ?? [] as $key => $names) {
            foreach ([(string) $key, ...array_map(mb_strtolower(...), $names)] as $name) {
                $apart = str_contains($name, $word)
                    ? (int) !str_starts_with($name, $word)
                    : 2 + levenshtein(substr($name, 0, 60), substr($word, 0, 60));
                $far[(string) $key] = min($far[(string) $key] ?? 99, $apart);
            }
        }
        asort($far);
        $near = array_filter($far, static fn (int $one): bool => $one <= 2 + (int) (mb_strlen($word) / 3));

        return array_map(strval(...), \array_slice(array_keys($near), 0, $most));
    }

    /** @return list<string> other words for the same thing, itself among them */
    public function synonyms(string $word): array
    {
        return array_values(array_unique([mb_strtolower($word), ...$this->called[self::compared($word)] ?? []]));
    }

    /** Small letters, dashes for spaces, each word without its ending: "Scored" is "scoring". */
    private static function compared(string $word): string
    {
        $words = preg_split('/[\s_\/-]+/u', mb_strtolower(trim($word)), -1, \PREG_SPLIT_NO_EMPTY) ?: [];

        return implode('-', array_map(
            static fn (string $one): string => mb_strlen($one) > 4 ? (string) preg_replace(self::ENDINGS, '', $one) : $one,
            $words,
        ));
    }
}
