<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** `japhrex figure …` without its terminal: words in, texts and exit code out. */
final readonly class CommandLine
{
    public function __construct(private FigureRegistry $registry = new FigureRegistry())
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
        try {
            if ([] === $words) {
                return [0, $json ? self::json($this->catalogue()) : $this->list(), ''];
            }
            $figure = $this->registry->get($words[0]);
            if (1 === \count($words) && !$json) {
                return [0, $this->explain($figure), ''];
            }
            [$inputs, $outcome] = $this->registry->compute($words[0], $this->typed(\array_slice($words, 1)));

            return [0, $json ? self::json($this->answer($figure, $inputs, $outcome)) : $this->tell($figure, $outcome), ''];
        } catch (FigureError $error) {
            $said = $error->getMessage();

            return [2, $json ? self::json(['error' => $said, 'key' => $error->key]) : '', $json ? '' : $said."\n"];
        }
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, string>
     */
    private function typed(array $words): array
    {
        $typed = [];
        foreach ($words as $word) {
            $word = mb_scrub($word);
            $parts = explode('=', $word, 2);
            if (2 !== \count($parts)) {
                throw new FigureError(\sprintf('"%s" is no input; expected key=value.', mb_substr($word, 0, 60)), $word);
            }
            if (isset($typed[$parts[0]])) {
                throw new FigureError(\sprintf('%s is given twice.', $parts[0]), $parts[0]);
            }
            $typed[$parts[0]] = $parts[1];
        }

        return $typed;
    }

    /** @return array<string, mixed> */
    private function answer(Figure $figure, Inputs $inputs, Outcome $outcome): array
    {
        $results = array_map(static function (array $result): array {
            unset($result['dimension']);

            return $result;
        }, $outcome->results());

        return ['figure' => $figure->name(), 'inputs' => (object) $inputs->echo, 'results' => $results, 'notes' => $outcome->notes()];
    }

    private function tell(Figure $figure, Outcome $outcome): string
    {
        $text = $figure->question()."\n\n";
        foreach ($outcome->results() as $name => $result) {
            $value = \is_float($result['value']) ? rtrim(rtrim(\sprintf('%.6F', $result['value']), '0'), '.') : (string) $result['value'];
            $text .= rtrim(\sprintf('  %-14s %s %s', $name, $value, $result['unit'] ?? ''))."\n";
        }
        foreach ($outcome->notes() as $note) {
            $text .= "\n  ".$note."\n";
        }

        return $text."\n  ".$figure->formula()."\n  Source: ".$figure->source()."\n";
    }

    private function explain(Figure $figure): string
    {
        $text = $figure->name().': '.$figure->question()."\n\nKeys\n";
        foreach ($figure->keys() as $key) {
            $text .= \sprintf("  %-16s %s\n  %-16s %s%s\n", $key->name, $key->meaning, '', $key->takes(), match (true) {
                null !== $key->default => '; '.$key->default.' unless given',
                $key->optional => '; optional',
                default => '',
            });
        }
        $text .= "\nResults\n";
        foreach ($figure->results() as $name => $meaning) {
            $text .= \sprintf("  %-16s %s\n", $name, $meaning);
        }

        return $text."\nFormula\n  ".$figure->formula()."\n\nSource\n  ".$figure->source()."\n";
    }

    private function list(): string
    {
        $text = '';
        foreach ($this->registry->byGroup() as $group => $figures) {
            $text .= ('' === $text ? '' : "\n").$group."\n";
            foreach ($figures as $figure) {
                $text .= \sprintf("  %-28s %s\n", $figure->name(), $figure->question());
            }
        }

        return $text;
    }

    /** @return array<string, list<array{name: string, question: string}>> */
    private function catalogue(): array
    {
        return array_map(static fn (array $figures): array => array_map(static fn (Figure $f): array => ['name' => $f->name(), 'question' => $f->question()], $figures), $this->registry->byGroup());
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)."\n";
    }
}
