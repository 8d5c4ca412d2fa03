<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Family\Cleaning;

/** What is to be done at a place that debris may have reached. */
enum DebrisAct: string
{
    case Prove = 'prove';
    case TakeApart = 'take-apart';
    case KeepWhatItHeld = 'keep-what-it-held';
    case Replace = 'replace';

    /** @param bool $past beyond a filter that held */
    public static function at(Cleaning $cleaning, bool $past): self
    {
        return $past ? self::Prove : self::from($cleaning->value);
    }

    public function words(): string
    {
        return match ($this) {
            self::Prove => 'prove by a sample: a filter stands before it',
            self::TakeApart => 'take apart and clean',
            self::KeepWhatItHeld => 'clean, and keep what it held',
            self::Replace => 'replace: it cannot be cleaned to the bottom',
        };
    }
}
