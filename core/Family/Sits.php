<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Where a part sits when the unit is put together, as far as pushing it along its axis does not tell. */
final readonly class Sits
{
    /**
     * @param string $in part from whose beginning it is told; empty: it is pushed until it meets another
     * @param float $at by how much it begins in front of that
     * @param float $across by how much its axis lies above the axis of that
     * @param bool $isTurned is it drawn pulled apart with the end towards the eye that stands at the back?
     * @param bool $isUpright does its axis stand upright in the section?
     * @param bool $isOut is it left out of the section, since it stands elsewhere than its drawing can tell?
     */
    public function __construct(
        public string $in,
        public float $at,
        public float $across,
        public bool $isTurned,
        public bool $isUpright,
        public bool $isOut,
    ) {
    }

    /** It is pushed along its axis until it meets another. */
    public static function anywhere(): self
    {
        return new self('', 0.0, 0.0, false, false, false);
    }

    public static function of(Data $data): self
    {
        return new self(
            $data->textOrNull('in') ?? '',
            $data->numbers('at')[0] ?? 0.0,
            $data->numbers('across')[0] ?? 0.0,
            $data->flag('turned'),
            $data->flag('upright'),
            $data->flag('out'),
        );
    }
}
