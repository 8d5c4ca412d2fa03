<?php

declare(strict_types=1);

namespace App\Memory\Life;

use Japhrex\Core\Memory\Life\LifeMeasure;
use Japhrex\Core\Memory\Life\UnitLife;

/** A unit that went out of the shop, and how long it is known to have run. */
final readonly class LivedUnit
{
    /**
     * @param \DateTimeImmutable|null $ranUntil last sign of life; null: there is none
     * @param array<string, float|null> $ran hours and km until it came back, or as its user told last; by LifeMeasure
     * @param list<string> $builders who built it
     * @param string $repair kind of the repair; empty: not told
     */
    private function __construct(
        public string $serial,
        public \DateTimeImmutable $out,
        public ?\DateTimeImmutable $ranUntil,
        public ?\DateTimeImmutable $backAt,
        private array $ran,
        private bool $beganAlike,
        public array $builders,
        public string $repair,
    ) {
    }

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        $text = static fn (string $of): ?string => \is_scalar($row[$of]) ? (string) $row[$of] : null;
        $at = static fn (string $of): ?\DateTimeImmutable => null === $row[$of] ? null : new \DateTimeImmutable((string) $text($of));
        $number = static fn (string $of): ?float => is_numeric($row[$of]) ? (float) $row[$of] : null;
        $isBack = null !== $row['back_at'];
        $ran = static fn (string $since, string $now, string $then, string $told): ?float => $isBack
            ? UnitLife::ranUntilBack($number($since), $number($now), $number($then))
            : $number($told);

        return new self(
            (string) $text('serial_key'), $at('out_at') ?? throw new \LogicException('It went out.'),
            $at('ran_until'), $at('back_at'),
            [
                LifeMeasure::Hours->value => $ran('back_since_repair', 'back_hours', 'hours', 'told_hours'),
                LifeMeasure::Distance->value => $ran('back_km_since_repair', 'back_km', 'km', 'told_km'),
            ],
            null !== $row['origin'] && $row['origin'] === $row['back_origin'],
            '' === (string) $text('builders') ? [] : explode("\n", (string) $text('builders')), (string) $text('repair'),
        );
    }

    /**
     * @param bool $sameOnly only what began as it had the time before counts as a failure; what came back by another origin ran until then
     *
     * @return UnitLife|null null: nothing is known of it after it went out
     */
    public function life(LifeMeasure $in, bool $sameOnly): ?UnitLife
    {
        $until = $this->backAt ?? $this->ranUntil;

        return null === $until || $until <= $this->out ? null : new UnitLife(
            UnitLife::months($this->out, $until),
            $this->ran[$in->value] ?? null,
            null === $this->backAt || $sameOnly && !$this->beganAlike,
        );
    }
}
