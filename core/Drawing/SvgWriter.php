<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/**
 * A drawing as SVG: each part a group that carries its key. A surface that is graded takes the colour of its grade, and so
 * does a part as far as its surfaces have none of their own.
 */
final readonly class SvgWriter
{
    private SaidParts $said;

    /**
     * @param array<string, string> $names by part
     * @param array<string, int> $grades by part, and by part/surface
     * @param array<string, string> $states by part: out, next, stuck, waits, inside or unseen
     * @param \Closure(string): string|null $link where a part leads; null: it leads nowhere
     * @param string $prefix of ids, other than that of any drawing beside it on the page
     */
    public function __construct(
        array $names,
        private array $grades = [],
        private array $states = [],
        private ?\Closure $link = null,
        private Ink $ink = Ink::Page,
        private string $title = '',
        private string $prefix = 'd.',
    ) {
        $this->said = new SaidParts($names, $grades, $states);
    }

    /** @param string $over what lies over the parts, such as the path of harm; SVG */
    public function write(Blank $blank, string $over = ''): string
    {
        $parts = '';
        foreach ($blank->parts as $key => $markup) {
            $parts .= $this->part($key, $markup)."\n";
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" class="unitpicture" viewBox="0 0 %1$s %2$s" width="%1$s" height="%2$s"'
                .' role="group" aria-label="%3$s"%4$s>%5$s<path class="axis"%6$s d="%7$s"/>'."\n".'%8$s'
                .'<g class="labels" aria-hidden="true"%9$s>%10$s</g>%11$s</svg>',
            Pen::number($blank->width),
            Pen::number($blank->height),
            Blank::safe($this->title),
            $this->ink->ofAll(),
            Ink::File === $this->ink ? '<style>'.Look::styles().'</style>' : '',
            $this->ink->ofAxis(),
            $blank->axes,
            $parts,
            $this->ink->ofLabels(),
            $blank->labels,
            $over,
        );
    }

    private function part(string $key, string $markup): string
    {
        $whole = $this->grades[$key] ?? 0;
        $painted = preg_replace_callback('/~([^~]*)~/', function (array $m) use ($key, $whole): string {
            if ('#' === $m[1]) {
                return $this->prefix;
            }
            [$tone, $surface, $line] = explode('|', $m[1]);

            $grade = Blank::AIR === $surface ? 0 : $this->grades[$key.'/'.$surface] ?? $whole;

            return $this->ink->ofFace((int) $tone, $grade, $line);
        }, $markup);
        $title = Blank::safe($this->said->of($key));
        $group = \sprintf(
            '<g class="p%s" data-part="%s"%s %s<title>%s</title></g>',
            isset($this->states[$key]) ? ' '.$this->states[$key] : '',
            $key,
            $this->ink->ofPart(),
            $painted,
            $title,
        );

        // What is painted lies from the back to the front; whoever goes by keys goes through a list in the order of the strip.
        return null === $this->link
            ? $group
            : \sprintf('<a href="%s" tabindex="-1" aria-hidden="true">%s</a>', Blank::safe(($this->link)($key)), $group);
    }
}
