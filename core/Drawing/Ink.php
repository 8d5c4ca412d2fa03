<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** How a drawing gets its colours. */
enum Ink
{
    /** By classes, from the style sheet of the page that it stands in. */
    case Page;
    /** By classes, from styles of its own: a file for itself. */
    case File;
    /** By attributes: on paper, where no style sheet reaches. */
    case Paper;

    /** What the drawing as a whole is told. */
    public function ofAll(): string
    {
        return match ($this) {
            self::Paper => ' fill-rule="evenodd" stroke-linejoin="round" stroke-linecap="round"', default => '',
        };
    }

    /** @return string attributes of a part's group */
    public function ofPart(): string
    {
        return self::Paper === $this ? \sprintf(' stroke="%s" stroke-width="2.4"', Look::TONES[Face::LINE]) : '';
    }

    public function ofAxis(): string
    {
        return self::Paper === $this ? ' fill="none" stroke="#6b6a65" stroke-dasharray="14 4 2 4"' : '';
    }

    public function ofLabels(): string
    {
        return self::Paper === $this
            ? ' fill="#1b1a18" stroke="#8a8983" stroke-width=".6" font-family="Barlow Semi Condensed" font-size="12" text-anchor="middle"'
            : '';
    }

    /**
     * @param int $tone 0 to 10
     * @param int $grade 0: its own metal
     * @param string $line `w` a line of its own thickness, `n` an area without a line, else an area with one
     */
    public function ofFace(int $tone, int $grade, string $line): string
    {
        $isMetal = 0 === $grade || Face::LINE === $tone;
        $shade = min(3, intdiv($tone, 2));
        if (self::Paper === $this) {
            $colour = $isMetal ? Look::TONES[$tone] : Look::graded($grade, $shade);

            return 'w' === $line
                ? \sprintf('fill="none" stroke="%s"', $colour)
                : \sprintf('fill="%s"%s', $colour, 'n' === $line ? ' stroke="none"' : '');
        }
        $class = $isMetal ? 't'.$tone : 'g'.$grade.$shade;

        return \sprintf('class="%s"', 'w' === $line ? 'w'.$class : ('n' === $line ? $class.' n' : $class));
    }
}
