<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Damage that nearly every unit of the type shows, so that it says little of what failed in this one. */
final readonly class Background
{
    /**
     * @param string $place `part` or `part/surface`
     * @param int $upTo grade up to which it is background
     * @param float $share of the units that have it whatever failed in them
     */
    public function __construct(public string $place, public string $mode, public int $upTo, public float $share, public string $why)
    {
    }

    /** @throws BookError naming the place */
    public static function of(Data $data): self
    {
        $share = $data->text('share');

        return new self(
            $data->text('place'),
            $data->text('mode'),
            $data->number('up-to', 1),
            is_numeric($share) && (float) $share > 0 && (float) $share < 1
                ? (float) $share
                : $data->fail('expected a share between 0 and 1, as 0.8.', 'share'),
            $data->text('why'),
        );
    }

    public function isOf(string $part, ?string $surface, ?string $mode, int $grade): bool
    {
        return $mode === $this->mode && $grade <= $this->upTo && \in_array($this->place, [$part, $part.'/'.$surface], true);
    }
}
