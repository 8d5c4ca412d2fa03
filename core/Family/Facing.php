<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A part that can be put in the wrong way. */
final readonly class Facing
{
    /**
     * @param string $right how it stands when it is right, and how to see it
     * @param string $wrong what happens when it does not
     * @param string $see the mark, shape or wear by which it is told
     * @param string $face the surface of the part that looks at `to`; empty: it has none of its own
     * @param string $to the part on its axis that it looks at; empty: its right way is told by a mark or an angle, not along the axis
     */
    public function __construct(
        public string $right,
        public string $wrong,
        public string $see = '',
        public string $face = '',
        public string $to = '',
    ) {
    }

    public static function of(Data $data): self
    {
        return new self(
            $data->text('right'),
            $data->text('wrong'),
            $data->textOrNull('see') ?? '',
            $data->textOrNull('face') ?? '',
            $data->textOrNull('to') ?? '',
        );
    }
}
