<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

use Japhrex\Core\Chain\OriginKind;

/** The terms of a policy for units that were delivered, or fitted, in a span of days. */
final readonly class Edition
{
    /**
     * @param \DateTimeImmutable $from first day for which it is in force
     * @param \DateTimeImmutable|null $to last day; null: it is still in force
     * @param bool $fromFitting do its periods run from the day of fitting (else: of delivery)?
     * @param float|null $hours of service; null: not limited
     * @param float|null $distance in kilometres; null: not limited
     * @param list<Cover> $covers
     * @param list<OriginKind> $excludes causes that it does not answer for
     * @param string|null $deductible what the holder carries, as written
     * @param int|null $notice days from the failure until it has to be told
     * @param int|null $return days from the failure until the part has to be sent in
     * @param list<Proof> $proofs
     */
    public function __construct(
        public \DateTimeImmutable $from,
        public ?\DateTimeImmutable $to,
        public bool $fromFitting,
        public ?int $months,
        public ?float $hours,
        public ?float $distance,
        public array $covers,
        public array $excludes = [],
        public ?string $deductible = null,
        public ?int $notice = null,
        public ?int $return = null,
        public array $proofs = [],
    ) {
    }

    public function isInForce(\DateTimeImmutable $day): bool
    {
        return $day >= $this->from && (null === $this->to || $day <= $this->to);
    }

    /**
     * The last day of its period: the same day of the month so many months later, or the last day of that month where it has no such day.
     */
    public function lastDay(\DateTimeImmutable $start): ?\DateTimeImmutable
    {
        if (null === $this->months) {
            return null;
        }
        $first = $start->modify('first day of this month')->modify(\sprintf('+%d months', $this->months));

        return $first->setDate(
            (int) $first->format('Y'),
            (int) $first->format('n'),
            min((int) $start->format('j'), (int) $first->format('t')),
        );
    }
}
