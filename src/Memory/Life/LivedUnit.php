<?php

declare(strict_types=1);

namespace App\Memory\Life;

use Japhrex\Core\Statistics\Life;

/** A unit that went out of the shop, and how long it is known to have run. */
final readonly class LivedUnit
{
    private const MONTH = 30.436875 * 86400;

    /** @param \DateTimeImmutable|null $ranUntil last sign of life; null: there is none */
    private function __construct(
        public string $serial,
        public \DateTimeImmutable $out,
        public ?\DateTimeImmutable $ranUntil,
        public ?\DateTimeImmutable $backAt,
        private bool $beganAlike,
    ) {
    }

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        $text = static fn (string $of): ?string => \is_scalar($row[$of]) ? (string) $row[$of] : null;
        $at = static fn (string $of): ?\DateTimeImmutable => null === $row[$of] ? null : new \DateTimeImmutable((string) $text($of));

        return new self(
            (string) $text('serial_key'), $at('out_at') ?? throw new \LogicException('It went out.'),
            $at('ran_until'), $at('back_at'), null !== $row['origin'] && $row['origin'] === $row['back_origin'],
        );
    }

    /**
     * In months.
     *
     * @param bool $sameOnly only what began as it had the time before counts as a failure; what came back by another origin ran until then
     *
     * @return Life|null null: nothing is known of it after it went out
     */
    public function life(bool $sameOnly): ?Life
    {
        if (null !== $this->backAt) {
            return new Life(self::months($this->out, $this->backAt), $sameOnly && !$this->beganAlike);
        }

        return null === $this->ranUntil || $this->ranUntil <= $this->out ? null : new Life(self::months($this->out, $this->ranUntil), true);
    }

    public static function months(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(1.0, $to->getTimestamp() - $from->getTimestamp()) / self::MONTH;
    }
}
