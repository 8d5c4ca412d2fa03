<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** Whether a part is to be had. */
enum Supply: string
{
    case Shelf = 'shelf';
    case Order = 'order';
    case Gone = 'gone';
    case Make = 'make';

    public function label(): string
    {
        return match ($this) {
            self::Shelf => 'on the shelf',
            self::Order => 'to be ordered',
            self::Gone => 'no longer made',
            self::Make => 'we make it',
        };
    }

    /** @return list<string> of what is no longer made: what can be done, each with its risk */
    public function ways(): array
    {
        return self::Gone !== $this ? [] : [
            'machine the old one within its budget: end play and faces have to allow it',
            'a donor unit: its hours are unknown, every reading has to be taken anew',
            'made new to a drawing: material and hardness are ours to answer for',
        ];
    }
}
