<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** How sure somebody is of what was seen or felt. */
enum Sureness: string
{
    case Sure = 'sure';
    case Fairly = 'fairly';
    case Guess = 'guess';

    /** As sure as one may be where somebody else sees it otherwise. */
    public function disputed(): self
    {
        return self::Sure === $this ? self::Fairly : self::Guess;
    }

    public function label(): string
    {
        return match ($this) {
            self::Sure => 'sure', self::Fairly => 'fairly sure', self::Guess => 'a guess',
        };
    }
}
