<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How the parts of a book are drawn: of what solids each is, and along which axes they are pulled apart. */
final readonly class Shapes
{
    /**
     * @param list<list<string>> $axes parts of each axis, from the back to the front; see Japhrex\Core\Drawing
     * @param array<string, list<Data>> $shapes by part: its solids, from the back to the front
     * @param array<string, Sits> $sits by part: where it sits when put together; one that is not told is pushed back until it
     *                                  meets another
     * @param bool $hasSection is what comes out when it is put together looked at, and true?
     */
    private function __construct(
        public array $axes = [],
        public array $shapes = [],
        public array $sits = [],
        public bool $hasSection = false,
    ) {
    }

    public static function none(): self
    {
        return new self();
    }

    /** @param array<string, Part> $parts of the book, neighbours among them */
    public static function of(Data $data, array $parts): self
    {
        $axes = array_map(
            static fn (Data $axis): array => array_values(array_intersect($axis->texts('parts'), array_keys($parts))),
            $data->maps('axes'),
        );
        $shapes = [];
        foreach ($data->map('shapes')->keys() as $part) {
            $shapes[$part] = $data->map('shapes')->maps($part);
        }
        $sits = [];
        foreach ($data->has('sits') ? $data->map('sits')->keys() : [] as $part) {
            $at = $data->map('sits')->map($part);
            $sits[$part] = new Sits($at->textOrNull('in') ?? '', $at->numbers('at')[0] ?? 0.0, $at->flag('turned'), $at->flag('out'));
        }

        return new self(
            array_values(array_filter($axes)),
            array_filter(array_intersect_key($shapes, $parts)),
            array_intersect_key($sits, $parts),
            $data->flag('section'),
        );
    }
}
