<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** A share counted in a sample, with its 95 % interval. Source: Wilson (1927). */
final readonly class Proportion
{
    /** The two-sided 95 % point of the normal distribution. */
    public const Z = 1.959964;

    /** @throws StatisticsError if there are more events than were looked at, or none was looked at */
    public function __construct(public int $events, public int $of)
    {
        if ($of < 1) {
            throw StatisticsError::ofNothing();
        }
        if ($events < 0 || $events > $of) {
            throw StatisticsError::moreThanLookedAt($events, $of);
        }
    }

    public function share(): float
    {
        return $this->events / $this->of;
    }

    /** Exactly 0 when nothing happened. */
    public function low(): float
    {
        return 0 === $this->events ? 0.0 : $this->middle() - $this->half();
    }

    /** Exactly 1 when it happened every time. */
    public function high(): float
    {
        return $this->events === $this->of ? 1.0 : $this->middle() + $this->half();
    }

    private function middle(): float
    {
        return ($this->share() + self::Z ** 2 / (2 * $this->of)) / (1 + self::Z ** 2 / $this->of);
    }

    private function half(): float
    {
        $p = $this->share();

        return self::Z / (1 + self::Z ** 2 / $this->of) * sqrt($p * (1 - $p) / $this->of + self::Z ** 2 / (4 * $this->of ** 2));
    }
}
