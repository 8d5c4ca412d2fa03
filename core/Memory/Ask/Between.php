<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** A number (hours, cents) or a day between two bounds, the lower one in it and the upper one as told. */
final readonly class Between implements Condition
{
    /**
     * @param float|string|null $from number, or day as `2025-03-01`; null: no bound
     * @param float|string|null $to as `from`
     * @param bool $fromIsOut is the lower bound itself left out?
     * @param bool $toIsOut is the upper bound itself left out? Of a day always, since its bound is the day after
     */
    public function __construct(
        public AskField $field,
        public float|string|null $from,
        public float|string|null $to,
        public bool $fromIsOut = false,
        public bool $toIsOut = false,
    ) {
    }

    /** Can no value lie in both? */
    public function isApartFrom(self $other): bool
    {
        return self::endsBefore($this, $other) || self::endsBefore($other, $this);
    }

    private static function endsBefore(self $one, self $other): bool
    {
        if (null === $one->to || null === $other->from) {
            return false;
        }

        return $one->to < $other->from || ($one->to === $other->from && ($one->toIsOut || $other->fromIsOut));
    }
}
