<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What no picture shows, each on a scale of its own. */
enum Sense: string
{
    case Play = 'play';
    case Sound = 'sound';
    case Smell = 'smell';
    case Hardness = 'hardness';

    public function label(): string
    {
        return match ($this) {
            self::Play => 'Play by hand',
            self::Sound => 'Sound when turned',
            self::Smell => 'Smell',
            self::Hardness => 'Rubber under the thumb',
        };
    }

    /** @return non-empty-list<string> from good to bad */
    public function scale(): array
    {
        return match ($this) {
            self::Play => ['none', 'just felt', 'plain', 'knocks'],
            self::Sound => ['silent', 'rustles', 'rough', 'grinds'],
            self::Smell => ['fresh', 'stale', 'sharp', 'burnt'],
            self::Hardness => ['springy', 'stiff', 'hard', 'cracks', 'swollen soft'],
        };
    }
}
