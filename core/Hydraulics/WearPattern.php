<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** In which states a worn pump misses what is needed, and what that says of the complaint. */
enum WearPattern: string
{
    case NewFails = 'new-fails';
    case Never = 'never';
    case HotIdle = 'hot-idle';
    case Hot = 'hot';
    case Idle = 'idle';
    case AllButColdWorking = 'all-but-cold-working';
    case Always = 'always';

    /**
     * The states in which the pump as found misses what is needed; null when that says nothing, because a new one would too.
     *
     * @return list<string>|null of `cold-idle`, `cold-working`, `hot-idle`, `hot-working`
     */
    public function states(): ?array
    {
        return match ($this) {
            self::NewFails => null,
            self::Never => [],
            self::HotIdle => ['hot-idle'],
            self::Hot => ['hot-idle', 'hot-working'],
            self::Idle => ['cold-idle', 'hot-idle'],
            self::AllButColdWorking => ['cold-idle', 'hot-idle', 'hot-working'],
            self::Always => ['cold-idle', 'cold-working', 'hot-idle', 'hot-working'],
        };
    }

    public function sentence(): string
    {
        return match ($this) {
            self::NewFails => 'Even a new pump would miss the pressure needed in one of these states: look elsewhere first, at '
                .'the demand, the '
                    .'oil or the pressure asked for.',
            self::Never => 'This wear does not explain the complaint: the pump as found holds the pressure needed in all four '
                .'states. Look elsewhere.',
            self::HotIdle => 'This wear fails hot and at idle only: fine when cold, fine when revved, too little pressure once '
                .'warm at low speed.',
            self::Hot => 'This wear fails whenever the oil is hot, at idle and at working speed: fine when cold, gone once warm.',
            self::Idle => 'This wear fails at idle, cold and hot alike: it holds only when revved.',
            self::AllButColdWorking => 'This wear fails in every state but one: only cold and at working speed is the pressure '
                .'needed still held.',
            self::Always => 'This wear fails always, cold and hot, at idle and at working speed.',
        };
    }
}
