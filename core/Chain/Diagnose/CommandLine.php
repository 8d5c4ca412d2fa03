<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;

/** `japhrex diagnose FILE [--json]` and `diagnose --words BOOK` without its terminal: words in, texts and exit code out. */
final readonly class CommandLine
{
    private const USAGE = "Usage: ./japhrex diagnose FILE [--json], a case as YAML or JSON (- reads it from standard input);\n"
        ."       ./japhrex diagnose --words BOOK, the words in which a case of a book is told.\n";

    /**
     * @param \Closure(string): ?string $read text of a file; null: it cannot be read
     * @param \Closure(string): mixed $parse what a text of YAML or JSON holds
     * @param \Closure(string): list<array<mixed>> $books contents of the files under books/ that a pattern names
     * @param \Closure(): float $clock seconds
     */
    public function __construct(private \Closure $read, private \Closure $parse, private \Closure $books, private \Closure $clock)
    {
    }

    /**
     * @param list<string> $words
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    public function run(array $words): array
    {
        $json = \in_array('--json', $words, true);
        $words = array_values(array_filter($words, static fn (string $word): bool => '--json' !== $word));
        $start = ($this->clock)();
        try {
            if ('--words' === ($words[0] ?? '') && 2 === \count($words)) {
                return [0, self::json($this->words($words[1], 'BOOK')[0]->all()), ''];
            }
            if (1 !== \count($words)) {
                return [2, '', self::USAGE];
            }
            $told = $this->told($words[0]);
            [$book, $mechanisms] = $this->words(\is_string($told['family'] ?? null) ? $told['family'] : '', 'family');
            [$facts, $theories] = (new CaseReader($book))->read($told);
            $answer = (new Diagnosis($book, $mechanisms->mechanisms))->of($facts, $theories);
            $answer += ['seconds' => round(($this->clock)() - $start, 2)];

            return [0, $json ? self::json($answer) : self::text($answer), ''];
        } catch (DiagnoseError $error) {
            return [2, $json ? self::json(['error' => $error->getMessage(), 'place' => $error->place]) : '', $error->getMessage()."\n"];
        }
    }

    /** @return array<mixed> */
    private function told(string $file): array
    {
        $text = ($this->read)($file) ?? throw DiagnoseError::expected($file, 'a file that can be read');
        try {
            $told = ($this->parse)($text);
        } catch (\RuntimeException $error) {
            throw DiagnoseError::expected($file, 'YAML or JSON ('.$error->getMessage().')');
        }

        return \is_array($told) ? $told : throw DiagnoseError::expected($file, 'a map: the case');
    }

    /** @return array{Words, MechanismBook} */
    private function words(string $family, string $place): array
    {
        $known = [];
        foreach (($this->books)('*-*.yaml') as $file) {
            foreach ((new BookTypes($file))->books() as $key => $content) {
                if ($key === $family) {
                    $book = (new BookFactory())->book($content);
                    $mechanisms = MechanismBook::of(($this->books)('mechanisms/*.yaml'))->with($book);

                    return [new Words($book, ModeCatalogue::of(($this->books)('modes.yaml')[0]), $mechanisms->vocabulary), $mechanisms];
                }
                $known[] = $key;
            }
        }
        throw DiagnoseError::unknown($place, $family, $known, 'book');
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data): string
    {
        return json_encode($data, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR)."\n";
    }

    /** @param array<string, mixed> $answer */
    private static function text(array $answer): string
    {
        $text = 'Says: '.self::word($answer['says'])."\n";
        foreach (['complaints', 'candidates', 'beside', 'looks', 'theories'] as $list) {
            $text .= [] === $answer[$list] ? '' : "\n".ucfirst($list)."\n";
            foreach ((array) $answer[$list] as $one) {
                $text .= '  '.implode('; ', array_map(
                    static fn (string $key, mixed $value): string => $key.' '.self::word($value),
                    array_keys((array) $one),
                    array_values((array) $one),
                ))."\n";
            }
        }

        return $text."\n".self::word($answer['seconds'])." s\n";
    }

    private static function word(mixed $value): string
    {
        return \is_array($value)
            ? ([] === $value ? 'none' : implode(', ', array_map(self::word(...), $value)))
            : (\is_scalar($value) ? (string) $value : '');
    }
}
