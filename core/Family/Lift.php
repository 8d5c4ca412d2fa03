<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Something heavy that leaves the unit in one piece, with how it hangs. */
final readonly class Lift
{
    /**
     * @param string $part by which it is lifted
     * @param string $what is lifted, where it is more than the part alone
     * @param Variant|null $for which units; null: all of them
     */
    public function __construct(
        public string $part,
        public string $what,
        public float $kg,
        public string $hangs,
        public ?Variant $for = null,
    ) {
    }

    /** @throws BookError naming the place */
    public static function of(Data $data): self
    {
        return new self(
            $data->text('part'),
            $data->textOrNull('what') ?? '',
            Lifting::kg($data->text('weight')) ?? $data->fail('expected a weight, as 31 kg.', 'weight'),
            $data->text('hangs'),
            Variant::of($data),
        );
    }
}
