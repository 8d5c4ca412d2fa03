<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What gets forgotten in a build. */
enum ActKind: string
{
    case LockNut = 'lock-nut';
    case Tab = 'tab';
    case SetScrew = 'set-screw';
    case Ring = 'ring';
    case Pin = 'pin';
    case Key = 'key';
    case Passage = 'passage';
    case Plug = 'plug';
    case Order = 'order';
    case Soak = 'soak';
    case Lever = 'lever';
    case Gap = 'gap';
    case Fill = 'fill';

    /** What is ticked. */
    public function tick(): string
    {
        return match ($this) {
            self::LockNut => 'Lock nut tight, what it holds has not turned with it',
            self::Tab => 'Tab bent, flat on the flat of the nut',
            self::SetScrew => 'Set screw tight, and locked as it was',
            self::Ring => 'Ring in its groove all round, seen and turned',
            self::Pin => 'Pin in, to its depth',
            self::Key => 'Key in, and it does not rock',
            self::Passage => 'Passage open: a pick went through, and air came out at the far end',
            self::Plug => 'Plug as it says, seen',
            self::Order => 'Each in its place, as listed',
            self::Soak => 'Soaked as long as it says',
            self::Lever => 'Stands as it says, through its whole travel',
            self::Gap => 'Even all round, with a gauge or a strip of one thickness',
            self::Fill => 'Filled as it says',
        };
    }

    /**
     * Its place among what is done after one step: before a play is read; filled or oiled after it, since a play is read dry; what locks
     * something comes when that is tight.
     */
    public function rank(): int
    {
        return match ($this) {
            self::LockNut, self::Tab, self::SetScrew => 5,
            self::Fill => 3,
            default => 1,
        };
    }
}
