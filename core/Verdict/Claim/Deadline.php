<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

/** Something that has to be done by a day. */
final readonly class Deadline
{
    private function __construct(public string $what, public \DateTimeImmutable $by, public ?\DateTimeImmutable $done)
    {
    }

    /** @param \DateTimeImmutable|null $done null: it is not done yet */
    public static function of(string $what, \DateTimeImmutable $by, ?\DateTimeImmutable $done): self
    {
        return new self($what, $by->setTime(0, 0), $done?->setTime(0, 0));
    }

    /** Days that are left, counted from one midnight to the other; negative: days too late. */
    public function left(\DateTimeImmutable $today): int
    {
        return (int) ($this->done ?? $today->setTime(0, 0))->diff($this->by)->format('%r%a');
    }

    public function isOpen(): bool
    {
        return null === $this->done;
    }

    /** Was it missed, or is it being missed? */
    public function isLate(\DateTimeImmutable $today): bool
    {
        return $this->left($today) < 0;
    }

    /** How it stands, in words. */
    public function says(\DateTimeImmutable $today): string
    {
        $left = $this->left($today);
        $days = static fn (int $n): string => 1 === $n ? '1 day' : $n.' days';

        return match (true) {
            !$this->isOpen() && $left < 0 => \sprintf('done on %s, %s late', $this->done?->format('j M Y'), $days(-$left)),
            !$this->isOpen() => \sprintf('done on %s, in time', $this->done?->format('j M Y')),
            $left < 0 => \sprintf('%s late', $days(-$left)),
            0 === $left => 'today',
            default => \sprintf('%s left', $days($left)),
        };
    }
}
