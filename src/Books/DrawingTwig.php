<?php

declare(strict_types=1);

namespace App\Books;

use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\SaidParts;
use Japhrex\Core\Drawing\SvgWriter;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Part;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Twig\Attribute\AsTwigFunction;

/** The drawing of a unit in a page, and where that of one part is to be had. */
final readonly class DrawingTwig
{
    /** In the address that is handed in, in the place of a part's key. */
    public const PART = '__part__';

    public function __construct(private UnitDrawings $drawings, private UrlGeneratorInterface $urls)
    {
    }

    /**
     * @param array<string, int> $grades by part, and by part/surface
     * @param array<string, string> $states by part
     * @param string $link where a part leads, with `__part__` for its key; empty: nowhere
     *
     * @return string SVG; empty: the book has no drawing
     */
    #[AsTwigFunction('unit_drawing', isSafe: ['html'])]
    public function unit(Book $book, array $grades = [], array $states = [], string $link = '', bool $onPaper = false): string
    {
        return $this->written($this->drawings->unit($book), $book, $grades, $states, $link, $onPaper, ', pulled apart');
    }

    /**
     * @param array<string, int> $grades by part, and by part/surface
     * @param array<string, string> $states by part
     * @param string $link where a part leads, with `__part__` for its key; empty: nowhere
     *
     * @return string SVG of the unit put together and cut; empty: the shapes of the book do not go together
     */
    #[AsTwigFunction('unit_section', isSafe: ['html'])]
    public function section(Book $book, array $grades = [], array $states = [], string $link = ''): string
    {
        return $this->written($this->drawings->section($book), $book, $grades, $states, $link, false, ', put together and cut');
    }

    /**
     * @param array<string, int> $grades by part, and by part/surface
     * @param array<string, string> $states by part
     *
     * @return array<string, string> by part, in the order of the strip: its name, worst grade and state
     */
    #[AsTwigFunction('unit_in_order')]
    public function inOrder(Book $book, array $grades = [], array $states = []): array
    {
        return (new SaidParts(self::names($book), $grades, $states))->inOrder($book);
    }

    /** @return list<string> names of the parts that the section does not show, since they stand beside its plane */
    #[AsTwigFunction('beside_section')]
    public function beside(Book $book): array
    {
        $beside = array_diff_key($book->drawn->shapes, $this->drawings->section($book)->parts ?? []);

        return array_map(static fn (string $part): string => $book->parts[$part]->short, array_keys($beside));
    }

    /**
     * @param array<string, int> $grades
     * @param array<string, string> $states
     */
    private function written(
        ?Blank $blank,
        Book $book,
        array $grades,
        array $states,
        string $link,
        bool $onPaper,
        string $how,
    ): string {
        return null === $blank ? '' : (new SvgWriter(
            self::names($book),
            $grades,
            $states,
            '' === $link ? null : static fn (string $part): string => str_replace(self::PART, $part, $link),
            $onPaper ? Ink::Paper : Ink::Page,
            $book->title.$how,
        ))->write($blank);
    }

    /** @return array<string, string> by part */
    private static function names(Book $book): array
    {
        return array_map(static fn (Part $part): string => $part->name, $book->parts);
    }

    /** @return string address of the drawing of a part; empty: the book has none */
    #[AsTwigFunction('part_drawing')]
    public function part(Book $book, string $part): string
    {
        return !isset($book->drawn->shapes[$part]) ? '' : $this->urls->generate('part_drawing', [
            'family' => $book->key, 'part' => $part, 'stamp' => $this->drawings->stamp($book),
        ]);
    }

    /** @return string address of the drawing of a part with what it looks at; empty: its right way is not one along its axis */
    #[AsTwigFunction('facing_drawing')]
    public function facing(Book $book, string $part): string
    {
        return '' === ($book->parts[$part]->facing->to ?? '') ? '' : $this->urls->generate('facing_drawing', [
            'family' => $book->key, 'part' => $part, 'stamp' => $this->drawings->stamp($book),
        ]);
    }

    /** @return string address of the drawing of a part with the place of a measure; empty: the book does not say where */
    #[AsTwigFunction('measure_drawing')]
    public function measure(Book $book, string $part, Field $field): string
    {
        return null === $field->taken || !isset($book->drawn->shapes[$part]) ? '' : $this->urls->generate('measure_drawing', [
            'family' => $book->key, 'part' => $part, 'field' => $field->key, 'stamp' => $this->drawings->stamp($book),
        ]);
    }
}
