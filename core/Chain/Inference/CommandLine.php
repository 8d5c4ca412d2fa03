<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** `infer FILE [--json]`: the engine alone. */
final class CommandLine
{
    private const USAGE = "infer NETWORK.json [--json]; - reads standard input\n";

    /** @param \Closure(string): ?string $read what stands in a file; null: it cannot be read */
    public function __construct(private readonly \Closure $read)
    {
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    public function run(array $arguments): array
    {
        $files = array_values(array_filter($arguments, static fn (string $one): bool => !str_starts_with($one, '--')));
        $unknown = array_filter($arguments, static fn (string $one): bool => str_starts_with($one, '--') && '--json' !== $one);
        if (1 !== \count($files) || [] !== $unknown) {
            return [64, '', self::USAGE];
        }
        $text = ($this->read)($files[0]);
        if (null === $text) {
            return [66, '', \sprintf("%s cannot be read.\n", $files[0])];
        }
        try {
            $question = (new QuestionReader())->read($text);
            $answer = Inference::answer($question);
        } catch (InferenceError $error) {
            return [2, self::json(['error' => $error->getMessage()] + (null === $error->node ? [] : ['node' => $error->node])), ''];
        }

        return [0, \in_array('--json', $arguments, true) ? self::json($answer->asData($question)) : $this->words($question, $answer), ''];
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data): string
    {
        return json_encode(
            $data,
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
        )."\n";
    }

    private function words(Question $question, Answer $answer): string
    {
        $data = $answer->asData($question);
        $text = \sprintf(
            "%s; ln of the evidence %.4f\n",
            $answer->method,
            $answer->logEvidence,
        ).('' === $answer->note ? '' : $answer->note."\n");
        /** @var list<array{id: string, posterior: float, for?: object, against?: object}> $candidates */
        $candidates = $data['candidates'];
        foreach ($candidates as $one) {
            $said = [];
            foreach (['for' => '+', 'against' => '−'] as $side => $sign) {
                $weights = (array) ($one[$side] ?? []);
                arsort($weights);
                foreach (\array_slice($weights, 0, 4, true) as $finding => $bans) {
                    $said[] = \sprintf('%s %s%s', $finding, $sign, is_numeric($bans) ? \sprintf('%.1f', $bans) : '∞');
                }
            }
            $text .= \sprintf(
                "%6.2f %%  %s%s\n",
                100 * $one['posterior'],
                $one['id'],
                [] === $said ? '' : '  ('.implode(', ', $said).' dB)',
            );
        }
        /** @var list<array{id: string, bits: float, bits-per-minute: float}> $checks */
        $checks = $data['checks'] ?? [];
        foreach (\array_slice($checks, 0, 5) as $check) {
            $text .= \sprintf("look at %s: %.3f bits, %.4f a minute\n", $check['id'], $check['bits'], $check['bits-per-minute']);
        }

        return $text;
    }
}
