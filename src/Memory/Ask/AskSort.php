<?php

declare(strict_types=1);

namespace App\Memory\Ask;

/** In which order cases are listed. */
enum AskSort: string
{
    case Newest = 'newest';
    case Oldest = 'oldest';
    case Worst = 'worst';
    case Hours = 'hours';
    case Customer = 'customer';
    case Model = 'model';
    case Offered = 'offered';
    case Claimed = 'claimed';

    public function label(): string
    {
        return match ($this) {
            self::Newest => 'newest first', self::Oldest => 'oldest first', self::Worst => 'worst grade first',
            self::Hours => 'most hours first', self::Customer => 'by customer', self::Model => 'by model', self::Offered => 'dearest first',
            self::Claimed => 'largest claim first',
        };
    }

    /** @return list<string> what it is sorted by beside the day */
    public function columns(): array
    {
        return match ($this) {
            self::Worst => ['m.worst'], self::Hours => ['m.hours'], self::Offered => ['m.offered'], self::Claimed => ['m.claimed'],
            self::Customer => ['m.customer'], self::Model => ['m.model'], default => [],
        };
    }

    public function sql(): string
    {
        $first = match ($this) {
            self::Newest => '', self::Oldest => 'm.taken_at, m.case_id', self::Worst => 'm.worst DESC, ',
            self::Hours => 'm.hours DESC NULLS LAST, ', self::Customer => 'lower(m.customer), ', self::Model => 'lower(m.model), ',
            self::Offered => 'm.offered DESC NULLS LAST, ', self::Claimed => 'm.claimed DESC NULLS LAST, ',
        };

        return self::Oldest === $this ? $first : $first.'m.taken_at DESC, m.case_id DESC';
    }
}
