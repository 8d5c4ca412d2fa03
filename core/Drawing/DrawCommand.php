<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Chain\Exchange\ChainFormError;
use Japhrex\Core\Chain\Exchange\JsonForm;
use Japhrex\Core\Chain\Narrative;
use Japhrex\Core\Drawing\Section\SectionDrawing;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;

/** `japhrex draw --book B [--type T] [--view exploded|section] [--grades part=n,…]`, without its terminal. */
final readonly class DrawCommand
{
    public const USAGE = 'Usage: ./japhrex draw --book B [--type T] [--view exploded|section] [--part P [--reading R]]'
        .' [--grades part=n,part/surface=n] [--chain FILE]';

    /**
     * @param list<string> $books that there are
     * @param \Closure(string): array<mixed> $file of a book, by its key
     * @param \Closure(string): ?string $text of a file; null: it cannot be read
     */
    public function __construct(private array $books, private \Closure $file, private \Closure $text)
    {
    }

    /**
     * @param list<string> $words of the command line
     *
     * @throws \InvalidArgumentException saying what is wrong with them
     * @throws BookError naming the shape that cannot be drawn
     */
    public function svg(array $words): string
    {
        $said = self::options($words);
        $book = $this->book($said['book'] ?? '', $said['type'] ?? '');
        $drawing = new UnitDrawing($book);
        [$blank, $over] = isset($said['part'])
            ? $this->part($drawing, $book, $said['part'], $said['reading'] ?? '')
            : [$this->unit($drawing, $book, $said['view'] ?? 'exploded'), ''];

        $grades = self::grades($said['grades'] ?? '', $book);
        if (isset($said['chain'])) {
            [$more, $grades] = $this->harm($said['chain'], $book, $blank, $grades);
            $over .= $more;
        }

        return (new SvgWriter(
            $drawing->names(),
            $grades,
            ink: Ink::File,
            title: $book->title,
        ))->write($blank, $over)."\n";
    }

    /**
     * @param array<string, int> $grades
     *
     * @return array{string, array<string, int>} the path of harm, and the grades with those of the chain
     *
     * @throws \InvalidArgumentException if the file holds no chain of this book
     */
    private function harm(string $file, Book $book, Blank $blank, array $grades): array
    {
        try {
            $chain = JsonForm::read(($this->text)($file) ?? throw new \InvalidArgumentException(\sprintf('"%s" cannot be read.', $file)));
        } catch (ChainFormError $error) {
            throw new \InvalidArgumentException($error->getMessage(), previous: $error);
        }
        if ($chain->family !== $book->key) {
            throw new \InvalidArgumentException(\sprintf('The chain is of the book %s, not of %s.', $chain->family, $book->key));
        }

        return [(new HarmPath($blank, Narrative::of($chain->chain())))->svg(), $grades + $chain->grades()];
    }

    /** @throws \InvalidArgumentException if there is no such view */
    private function unit(UnitDrawing $drawing, Book $book, string $view): Blank
    {
        return match ($view) {
            'exploded' => Blank::of($drawing->exploded()),
            'section' => $book->drawn->hasSection
                ? (new SectionDrawing($book))->blank()
                : throw new \InvalidArgumentException(
                    \sprintf('%s is drawn pulled apart only: its shapes do not go together yet.', $book->title),
                ),
            default => throw new \InvalidArgumentException(
                \sprintf("There is no view \"%s\"; there are exploded and section.\n%s", $view, self::USAGE),
            ),
        };
    }

    /**
     * @return array{Blank, string} the part, and what lies over it
     *
     * @throws \InvalidArgumentException if it is not drawn, or has no such reading
     */
    private function part(UnitDrawing $drawing, Book $book, string $part, string $reading): array
    {
        $field = $book->field($part.'/'.$reading);
        if ('' !== $reading && null === $field) {
            throw new \InvalidArgumentException(\sprintf('%s has no reading "%s".', $part, $reading));
        }
        $measured = null === $field ? null : $drawing->measured($part, $field);
        $sheet = $measured[0] ?? $drawing->alone($part)
            ?? throw new \InvalidArgumentException(\sprintf('%s has no shape of "%s".', $book->title, $part));

        return [Blank::of($sheet), $measured[1] ?? ''];
    }

    /** @throws \InvalidArgumentException */
    private function book(string $key, string $type): Book
    {
        if (!\in_array($key, $this->books, true)) {
            $books = implode(', ', $this->books);
            throw new \InvalidArgumentException(\sprintf("There is no book \"%s\"; there are %s.\n%s", $key, $books, self::USAGE));
        }
        $books = (new BookTypes(($this->file)($key)))->books();
        $wanted = 1 === \count($books) && '' === $type ? (string) array_key_first($books) : $key.'-'.$type;
        if (!isset($books[$wanted])) {
            $types = array_map(static fn (string $one): string => substr($one, \strlen($key) + 1), array_keys($books));
            throw new \InvalidArgumentException(\sprintf('%s has the types %s: say which with --type.', $key, implode(', ', $types)));
        }

        return (new BookFactory())->book($books[$wanted]);
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, string>
     */
    private static function options(array $words): array
    {
        $said = [];
        for ($i = 0; $i < \count($words); $i += 2) {
            if (1 !== preg_match('/^--(book|type|part|reading|view|grades|chain)$/', $words[$i], $m) || !isset($words[$i + 1])) {
                throw new \InvalidArgumentException(self::USAGE);
            }
            $said[$m[1]] = $words[$i + 1];
        }

        return $said;
    }

    /**
     * @return array<string, int>
     *
     * @throws \InvalidArgumentException
     */
    private static function grades(string $told, Book $book): array
    {
        $grades = [];
        foreach (array_filter(explode(',', $told)) as $one) {
            if (1 !== preg_match('~^([a-z0-9-]+)(/[a-z0-9-]+)?=([0-4])$~', $one, $m) || null === $book->part($m[1])) {
                throw new \InvalidArgumentException(\sprintf('"%s" is no grade of a part; expected such as drive-gear=3.', $one));
            }
            $grades[$m[1].$m[2]] = (int) $m[3];
        }

        return $grades;
    }
}
