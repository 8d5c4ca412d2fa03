<?php

declare(strict_types=1);

namespace App\Platform;

use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\BookCheck;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Checks a book's file: first its shape by JSON Schema, then its sense by the core. */
final readonly class BookFiles
{
    public function __construct(private string $schemas)
    {
    }

    /** @return list<array{line: int, message: string}> */
    public function problems(string $file): array
    {
        $text = @file_get_contents($file);
        if (false === $text) {
            return [['line' => 0, 'message' => 'cannot be read.']];
        }
        try {
            $content = Yaml::parse($text);
        } catch (ParseException $error) {
            return [['line' => max(0, $error->getParsedLine()), 'message' => $error->getMessage()]];
        }
        if (!\is_array($content)) {
            return [['line' => 1, 'message' => 'is empty; expected a book.']];
        }
        $modes = isset($content['modes']);
        $found = $this->shape($text, $modes ? 'modes' : 'book') ?: $this->sense($content, $modes);

        return array_map(static fn (array $problem): array => ['line' => self::line($text, $problem[0]), 'message' => $problem[0].': '.$problem[1]], $found);
    }

    /** @return list<array{string, string}> path, message */
    private function shape(string $text, string $schema): array
    {
        $validator = new Validator();
        $validator->setMaxErrors(20);
        $result = $validator->validate(Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP), (string) file_get_contents($this->schemas.'/'.$schema.'.schema.json'));
        $problems = [];
        $collect = static function (ValidationError $error) use (&$collect, &$problems): void {
            foreach ($error->subErrors() as $sub) {
                $collect($sub);
            }
            if ([] === $error->subErrors()) {
                $message = $error->message();
                foreach ($error->args() as $name => $value) {
                    $message = str_replace('{'.$name.'}', \is_scalar($value) ? (string) $value : implode(', ', array_filter((array) $value, is_scalar(...))), $message);
                }
                $problems[] = [implode('/', $error->data()->fullPath()), $message];
            }
        };
        if (null !== $result->error()) {
            $collect($result->error());
        }

        return $problems;
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}>
     */
    private function sense(array $content, bool $modes): array
    {
        try {
            if ($modes) {
                ModeCatalogue::of($content);

                return [];
            }
            $problems = [];
            foreach ((new BookCheck())->problems((new BookFactory())->book($content)) as $problem) {
                $problems[] = [$problem->path, $problem->message];
            }

            return $problems;
        } catch (BookError $error) {
            return [[$error->path, (string) preg_replace('/^'.preg_quote($error->path, '/').': /', '', $error->getMessage())]];
        }
    }

    /** The line on which a path such as `parts/body/readings/gear-bore` stands, or the last of its steps that has one. */
    private static function line(string $text, string $path): int
    {
        $lines = explode("\n", $text);
        $found = 1;
        $from = 0;
        $indent = -1;
        foreach (explode('/', $path) as $step) {
            $seen = -1;
            for ($i = $from; $i < \count($lines); ++$i) {
                $body = ltrim($lines[$i], ' ');
                $depth = \strlen($lines[$i]) - \strlen($body);
                if ('' === $body || '#' === $body[0] || $depth <= $indent) {
                    continue;
                }
                if (ctype_digit($step) ? str_starts_with($body, '- ') && ++$seen === (int) $step : 1 === preg_match('/^(- )?'.preg_quote($step, '/').':/', $body)) {
                    [$found, $from, $indent] = [$i + 1, ctype_digit($step) ? $i : $i + 1, $depth];
                    continue 2;
                }
            }
            break;
        }

        return $found;
    }
}
