<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Result;
use Symfony\Component\Serializer\Encoder\CsvEncoder;
use Twig\Attribute\AsTwigFunction;

/** An answered figure in open forms: text to paste, CSV for a sheet, JSON as the command line gives it. */
final readonly class FigureText
{
    public function __construct(private FigureTwig $words)
    {
    }

    /** @return array{string, string} content and its type */
    public function as(string $form, Asked $asked): array
    {
        return match ($form) {
            'csv' => [$this->csv($asked), 'text/csv; charset=utf-8'],
            'json' => [$this->json($asked), 'application/json'],
            default => [$this->text($asked), 'text/plain; charset=utf-8'],
        };
    }

    #[AsTwigFunction('figure_text')]
    public function text(Asked $asked): string
    {
        $lines = [$asked->card->question, ''];
        foreach ($asked->typed as $key => $value) {
            $lines[] = FigureTwig::label($key).': '.$value;
        }
        $lines[] = '';
        foreach ($asked->outcome?->results() ?? [] as $name => $result) {
            $lines[] = FigureTwig::label($name).': '.$this->words->words($result);
        }
        $lines = [
            ...$lines,
            ...($asked->outcome?->notes() ?? []),
            '',
            $asked->card->formula,
            'Source: '.$asked->card->source.'. Formula version '.$asked->card->version.'.',
        ];

        return implode("\n", $lines)."\n";
    }

    #[AsTwigFunction('figure_csv')]
    public function csv(Asked $asked): string
    {
        $rows = [];
        foreach ($asked->typed as $key => $value) {
            $rows[] = ['kind' => 'input', 'name' => $key, 'value' => self::cell($value), 'unit' => ''];
        }
        foreach ($asked->outcome?->results() ?? [] as $name => $result) {
            $rows[] = ['kind' => 'result', 'name' => $name, 'value' => self::plain($result), 'unit' => $result->unit ?? ''];
        }
        foreach ($asked->outcome?->notes() ?? [] as $note) {
            $rows[] = ['kind' => 'note', 'name' => '', 'value' => self::cell($note), 'unit' => ''];
        }

        return (new CsvEncoder())->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }

    #[AsTwigFunction('figure_json')]
    public function json(Asked $asked): string
    {
        return json_encode([
            'figure' => $asked->card->name,
            'inputs' => (object) ($asked->inputs?->echo() ?? []),
            'results' => (object) array_map(static fn (Result $result): array => $result->asData(), $asked->outcome?->results() ?? []),
            'notes' => $asked->outcome?->notes() ?? [],
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    private static function plain(Result $result): string
    {
        $say = static fn (float|int|string|bool $value): string => \is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;

        return \is_array($result->value) ? implode(' ', array_map($say, $result->value)) : $say($result->value);
    }

    /** A cell that a sheet will not take for a formula. */
    private static function cell(string $text): string
    {
        return 1 === preg_match('/^[=+@\t\r]|^-[^\d.]/', $text) ? "'".$text : $text;
    }
}
