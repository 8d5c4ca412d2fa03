<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\UnitDrawings;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Chain\Step;
use Japhrex\Core\Drawing\DebrisRoad;
use Japhrex\Core\Drawing\HarmLine;
use Japhrex\Core\Drawing\HarmPath;
use Japhrex\Core\Drawing\Ink;
use Japhrex\Core\Drawing\SvgWriter;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;
use Twig\Attribute\AsTwigFunction;

/** The drawing of a unit with the path of harm over it. */
final readonly class HarmTwig
{
    public function __construct(private UnitDrawings $drawings)
    {
    }

    /**
     * @param list<StoryStep> $story
     * @param array<string, int> $grades by part, and by part/surface; none: those of the story
     *
     * @return string SVG; empty: the book has no drawing, or no step of the story lies on it
     */
    #[AsTwigFunction('harm_drawing', isSafe: ['html'])]
    public function path(Book $book, array $story, array $grades = [], bool $onPaper = false): string
    {
        $blank = $this->drawings->unit($book);
        if (null === $blank) {
            return '';
        }
        $harm = new HarmPath($blank, self::steps($story));

        return !$harm->isSeen() ? '' : (new SvgWriter(
            array_map(static fn (Part $part): string => $part->name, $book->parts),
            [] === $grades ? ChainStory::grades($story) : $grades,
            ink: $onPaper ? Ink::Paper : Ink::Page,
            title: $book->title.', with the path of the damage',
        ))->write($blank, $harm->svg());
    }

    /**
     * @param list<Reached> $reached
     * @param list<string> $cleaned parts that were dealt with
     * @param array<string, int> $grades by part, and by part/surface
     *
     * @return string SVG; empty: the book has no drawing, or debris came to nothing that is drawn
     */
    #[AsTwigFunction('debris_drawing', isSafe: ['html'])]
    public function debris(Book $book, array $reached, array $cleaned, array $grades): string
    {
        $blank = $this->drawings->unit($book);
        $road = null === $blank ? '' : (new DebrisRoad($blank, $reached, $cleaned))->svg();

        return null === $blank || '' === $road ? '' : (new SvgWriter(
            array_map(static fn (Part $part): string => $part->name, $book->parts),
            $grades,
            title: $book->title.', with the road that debris took',
            prefix: 'r.',
        ))->write($blank, $road);
    }

    /**
     * @param list<StoryStep> $story
     *
     * @return list<HarmLine> what its lines mean
     */
    #[AsTwigFunction('harm_lines')]
    public static function lines(array $story): array
    {
        return HarmLine::legend(self::steps($story));
    }

    /**
     * @param list<StoryStep> $story
     *
     * @return list<Step>
     */
    private static function steps(array $story): array
    {
        return array_map(static fn (StoryStep $step): Step => $step->step, $story);
    }
}
