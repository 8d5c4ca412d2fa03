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
     * @param array<string, list<Data>> $cut by part: its solids in the section, where it is drawn pulled apart otherwise than it
     *                                       is (plates of a pack side by side, a case without its depth)
     * @param bool $hasSection is what comes out when it is put together looked at, and true?
     */
    private function __construct(
        public array $axes = [],
        public array $shapes = [],
        public array $sits = [],
        public array $cut = [],
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
        $sits = [];
        foreach ($data->has('sits') ? $data->map('sits')->keys() : [] as $part) {
            $sits[$part] = Sits::of($data->map('sits')->map($part));
        }

        return new self(
            array_values(array_filter($axes)),
            array_intersect_key(self::solids($data, 'shapes'), $parts),
            array_intersect_key($sits, $parts),
            array_intersect_key(self::solids($data, 'cut'), $parts),
            $data->flag('section'),
        );
    }

    /** @return array<string, list<Data>> by part */
    private static function solids(Data $data, string $key): array
    {
        $solids = [];
        foreach ($data->has($key) ? $data->map($key)->keys() : [] as $part) {
            $solids[$part] = $data->map($key)->maps($part);
        }

        return array_filter($solids);
    }
}
