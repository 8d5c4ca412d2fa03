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
    case Turning = 'turning';
    case Heat = 'heat';

    public function label(): string
    {
        return match ($this) {
            self::Play => 'Play by hand',
            self::Sound => 'Sound when turned',
            self::Smell => 'Smell',
            self::Hardness => 'Rubber under the thumb',
            self::Turning => 'Turned by hand',
            self::Heat => 'Warm to the hand, as it ran',
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
            self::Turning => ['evenly', 'heavily', 'a notch', 'binds', 'not at all'],
            self::Heat => ['as its mates', 'warmer', 'too hot to hold', 'paint or oil burnt on it'],
        };
    }
}
