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
            $card = $this->registry->card($words[0]);
            if (1 === \count($words) && !$json) {
                return [0, $this->explain($card), ''];
            }
            [$inputs, $outcome] = $this->registry->compute($words[0], $this->typed(\array_slice($words, 1)));

            return [0, $json ? self::json($this->answer($card, $inputs, $outcome)) : $this->tell($card, $outcome), ''];
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
    private function answer(Card $card, Inputs $inputs, Outcome $outcome): array
    {
        return [
            'figure' => $card->name,
            'inputs' => (object) $inputs->echo(),
            'results' => (object) array_map(static fn (Result $result): array => $result->asData(), $outcome->results()),
            'notes' => $outcome->notes(),
        ];
    }

    private function tell(Card $card, Outcome $outcome): string
    {
        $text = $card->question."\n\n";
        foreach ($outcome->results() as $name => $result) {
            $text .= rtrim(\sprintf('  %-18s %s %s', $name, self::words($result->value), $result->unit ?? ''))."\n";
        }
        foreach ($outcome->notes() as $note) {
            $text .= "\n  ".$note."\n";
        }

        return $text."\n  ".$card->formula."\n  Source: ".$card->source."\n";
    }

    private function explain(Card $card): string
    {
        $text = $card->name.': '.$card->question."\n\nKeys\n";
        foreach ($card->keys as $key) {
            $text .= \sprintf("  %-16s %s\n  %-16s %s%s\n", $key->name, $key->meaning, '', $key->takes->words(), match (true) {
                null !== $key->default => '; '.$key->default.' unless given',
                $key->optional => '; optional',
                default => '',
            });
        }
        $text .= "\nResults\n";
        foreach ($card->results as $name => $meaning) {
            $text .= \sprintf("  %-16s %s\n", $name, $meaning);
        }

        $example = implode(
            ' ',
            array_map(
                static fn (string $key, string $value): string => escapeshellarg($key.'='.$value),
                array_keys($card->example),
                $card->example,
            ),
        );

        return $text."\nExample\n  ./japhrex figure ".$card->name.' '.$example."\n\nFormula\n  ".$card->formula."\n\nSource\n  "
            .$card->source."\n";
    }

    private function list(): string
    {
        $text = '';
        foreach ($this->registry->byGroup() as $group => $figures) {
            $text .= ('' === $text ? '' : "\n").$group."\n";
            foreach ($figures as $card) {
                $text .= \sprintf("  %-28s %s\n", $card->name, $card->question);
            }
        }

        return $text;
    }

    /** @return array<string, list<array{name: string, question: string}>> */
    private function catalogue(): array
    {
        return array_map(
            static fn (array $figures): array => array_map(
                static fn (Card $f): array => ['name' => $f->name, 'question' => $f->question],
                $figures,
            ),
            $this->registry->byGroup(),
        );
    }

    /** @param float|int|string|bool|list<float>|list<int>|list<string> $value */
    private static function words(float|int|string|bool|array $value): string
    {
        return match (true) {
            \is_array($value) => implode(' ', array_map(self::words(...), $value)),
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_float($value) => 0.0 !== $value && (abs($value) < 1e-4 || abs($value) >= 1e12)
                ? \sprintf('%.6g', $value)
                : rtrim(rtrim(\sprintf('%.6F', $value), '0'), '.'),
            default => (string) $value,
        };
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)."\n";
    }
}
