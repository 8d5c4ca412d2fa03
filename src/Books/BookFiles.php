<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Chain\Mechanism\MechanismFactory;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\BookCheck;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookProblem;
use Japhrex\Core\Family\BookTypes;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Verdict\Policy\PolicyError;
use Japhrex\Core\Verdict\Policy\PolicyFactory;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Checks the file of a book, of mechanisms or of a policy: first its shape by JSON Schema, then its sense by the core. */
final readonly class BookFiles
{
    public function __construct(private string $schemas)
    {
    }

    /** @return list<TextFault> */
    public function problems(string $file): array
    {
        $text = @file_get_contents($file);

        return false === $text ? [new TextFault(0, 'cannot be read.')] : $this->problemsIn($text);
    }

    /** @return list<TextFault> */
    public function problemsIn(string $text): array
    {
        // A few aliases of aliases unfold to more than any memory holds.
        if (
            1 === preg_match('/(?:^|[\s\[{,:-])&[\w-]+(?:\s|$)/m', $text)
                && 1 === preg_match('/(?:^|[\s\[{,:-])\*[\w-]+/m', $text, $alias, \PREG_OFFSET_CAPTURE)
        ) {
            return [
                new TextFault(
                    1 + substr_count(substr($text, 0, $alias[0][1]), "\n"),
                    'a book has no anchors and aliases (&name, *name): write it out.',
                ),
            ];
        }
        try {
            $content = Yaml::parse($text);
        } catch (ParseException $error) {
            return [new TextFault(max(0, $error->getParsedLine()), $error->getMessage())];
        }
        if (!\is_array($content)) {
            return [new TextFault(1, 'is empty; expected a book.')];
        }
        $found = self::cutNames($text);
        $problems = match (true) {
            isset($content['modes']) => $this->modes($text, $content),
            isset($content['policy']) => $this->policy(Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP), $content),
            isset($content['states']) => $this->conditions($text, $content),
            isset($content['mechanisms'])
                && !isset($content['parts'])
                && !isset($content['types']) => $this->mechanisms(Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP), $content),
            default => $this->books($text, $content),
        };
        foreach ($problems as [$path, $message]) {
            $line = self::line($text, $path);
            // What several types of one file share is told once.
            $found[$line.$message] ??= new TextFault($line, $path.': '.$message);
        }

        return array_values($found);
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}> path, message
     */
    private function modes(string $text, array $content): array
    {
        $shape = $this->shape(Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP), 'modes');

        return $shape ?: self::faultsOf(static function () use ($content): array {
            ModeCatalogue::of($content);

            return [];
        });
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}> path, message
     */
    private function conditions(string $text, array $content): array
    {
        return $this->shape(
            Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP),
            'conditions',
        ) ?: self::faultsOf(static function () use ($content): array {
            (new MechanismFactory())->vocabulary(new Data($content));

            return [];
        });
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}> path, message
     */
    private function mechanisms(mixed $whole, array $content): array
    {
        return $this->shape($whole, 'mechanisms') ?: self::faultsOf(function () use ($content): array {
            MechanismBook::of([$content, (array) Yaml::parseFile($this->general().'/conditions.yaml')]);

            return [];
        });
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}> path, message
     */
    private function policy(mixed $whole, array $content): array
    {
        $shape = $this->shape($whole, 'policy');
        if ([] !== $shape) {
            return $shape;
        }
        try {
            (new PolicyFactory())->policy($content);
        } catch (PolicyError $error) {
            return [[$error->path, $error->getMessage()]];
        }

        return [];
    }

    /**
     * Mechanisms that a book has of its own.
     *
     * @param array<mixed> $book
     *
     * @return list<array{string, string}> path, message
     */
    private function own(array $book): array
    {
        $own = ['mechanisms' => $book['mechanisms'] ?? []];

        return [] === $own['mechanisms'] ? [] : $this->mechanisms(json_decode((string) json_encode($own)), $own);
    }

    /** Where the general mechanisms and their conditions are. */
    private function general(): string
    {
        return \dirname($this->schemas).'/mechanisms';
    }

    /**
     * @param array<mixed> $content
     *
     * @return list<array{string, string}> path, message
     */
    private function books(string $text, array $content): array
    {
        return self::faultsOf(function () use ($text, $content): array {
            $problems = [];
            $types = new BookTypes($content);
            foreach ($types->books() as $key => $book) {
                $whole = isset($content['types'])
                    ? json_decode((string) json_encode($book))
                    : Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP);
                $wrong = $this->shape($whole, 'book') ?: $this->own($book) ?: self::faultsOf(
                    static fn (): array => array_map(
                        static fn (BookProblem $one): array => [$one->path, $one->message],
                        (new BookCheck())->problems((new BookFactory())->book($book)),
                    )
                );
                foreach ($wrong as [$path, $message]) {
                    $problems[] = [$types->pathInFile($key, $path), $message];
                }
            }

            return $problems;
        });
    }

    /**
     * @param callable(): list<array{string, string}> $read
     *
     * @return list<array{string, string}> path, message
     */
    private static function faultsOf(callable $read): array
    {
        try {
            return $read();
        } catch (BookError $error) {
            return [[$error->path, (string) preg_replace('/^'.preg_quote($error->path, '/').': /', '', $error->getMessage())]];
        }
    }

    /** @return list<array{string, string}> path, message */
    private function shape(mixed $whole, string $schema): array
    {
        $validator = new Validator();
        $validator->setMaxErrors(20);
        $result = $validator->validate($whole, (string) file_get_contents($this->schemas.'/'.$schema.'.schema.json'));
        $problems = [];
        $collect = static function (ValidationError $error) use (&$collect, &$problems): void {
            foreach ($error->subErrors() as $sub) {
                $collect($sub);
            }
            if ([] === $error->subErrors()) {
                $message = $error->message();
                foreach ($error->args() as $name => $value) {
                    $message = str_replace(
                        '{'.$name.'}',
                        \is_scalar($value) ? (string) $value : implode(', ', array_filter((array) $value, is_scalar(...))),
                        $message,
                    );
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
     * YAML of the kind read here cuts a name of two words inside `{…}` to its first word without a warning.
     *
     * @return array<int|string, TextFault>
     */
    private static function cutNames(string $text): array
    {
        $found = [];
        foreach (explode("\n", $text) as $i => $line) {
            $bare = (string) preg_replace(['/"(?:[^"\\\\]|\\\\.)*"/', "/'[^']*'/", '/(^|\s)#.*/'], ['""', "''", ''], $line);
            if (1 === preg_match('/[{,]\s*([[:alnum:]-]+(?: [[:alnum:]-]+)+):\s[^{}]*\}/u', $bare, $name)) {
                $found[$i] = new TextFault($i + 1, \sprintf('a name of two words inside {…} is quoted: "%s": …', $name[1]));
            }
        }

        return $found;
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
                if (
                    ctype_digit($step)
                        ? str_starts_with($body, '- ') && ++$seen === (int) $step
                        : 1 === preg_match('/^(- )?'.preg_quote($step, '/').':/', $body)
                ) {
                    [$found, $from, $indent] = [$i + 1, ctype_digit($step) ? $i : $i + 1, $depth];
                    continue 2;
                }
            }
            break;
        }

        return $found;
    }
}
