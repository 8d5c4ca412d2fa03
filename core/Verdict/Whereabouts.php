<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict;

/** What became of a part that matters: the links of its chain of custody. */
enum Whereabouts: string
{
    case Kept = 'kept';
    case Sent = 'sent';
    case Back = 'back';
    case Scrapped = 'scrapped';

    public function label(): string
    {
        return match ($this) {
            self::Kept => 'kept here',
            self::Sent => 'sent out',
            self::Back => 'came back',
            self::Scrapped => 'scrapped',
        };
    }

    /**
     * May this follow what was there last? What was scrapped is gone; only what was sent comes back; the first is kept or sent.
     *
     * @return string|null what is wrong and what would be right; null: it may
     */
    public function after(?self $last, ?\DateTimeImmutable $lastDay, \DateTimeImmutable $day): ?string
    {
        return match (true) {
            self::Scrapped === $last => 'It was scrapped; nothing can follow.',
            self::Back === $this && self::Sent !== $last => 'Only what was sent out comes back.',
            self::Sent === $this && self::Sent === $last => 'It is sent out already; first it has to come back.',
            self::Scrapped === $this
                && null === $last => 'First say where it was kept; what was never kept cannot be shown to have been scrapped.',
            null !== $lastDay
                && $day < $lastDay => \sprintf('That is before %s, the day of the entry before it.', $lastDay->format('j M Y')),
            default => null,
        };
    }
}
