<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Up to which grade a kind of damage is accepted on a part, where that hangs on what the unit or its stage has to do. */
final readonly class Acceptance
{
    /**
     * @param string $mode key of a kind of damage
     * @param int $upTo grade, 0 to 4; 0: none of it
     * @param string $why in a sentence
     * @param string $surface where; empty: anywhere on the part
     * @param string $duty key of the duty; empty: every duty that has no word of its own
     */
    public function __construct(
        public string $mode,
        public int $upTo,
        public string $why,
        public string $surface = '',
        public string $duty = '',
    ) {
    }

    /** @throws BookError naming the place */
    public static function of(Data $data): self
    {
        $upTo = $data->number('up-to', -1);

        return new self(
            $data->text('mode'),
            $upTo >= 0 && $upTo <= 4 ? $upTo : $data->fail('expected a grade from 0 to 4.', 'up-to'),
            $data->text('why'),
            $data->textOrNull('surface') ?? '',
            $data->textOrNull('duty') ?? '',
        );
    }

    public function isAbout(string $mode, ?string $surface): bool
    {
        return $mode === $this->mode && ('' === $this->surface || $surface === $this->surface);
    }
}
