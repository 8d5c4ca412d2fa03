<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Warning;

use Japhrex\Core\Statistics\Special;

/**
 * Something that happened so many times of late against what it was before or elsewhere, and how often chance alone would bring so many of
 * late or more, were nothing different: Fisher's exact test, one side (Fisher 1934). It needs no large numbers, and knows that what was
 * before is itself only counted.
 */
final readonly class MoreOften
{
    /**
     * @param int $recent of `ofRecent` cases of late
     * @param int $before of `ofBefore` cases against which they are held
     */
    public function __construct(public int $recent, public int $ofRecent, public int $before, public int $ofBefore)
    {
        if ($recent < 0 || $before < 0 || $recent > $ofRecent || $before > $ofBefore) {
            throw new \LogicException(\sprintf('%d of %d and %d of %d cannot be counted.', $recent, $ofRecent, $before, $ofBefore));
        }
    }

    /** Between 0 and 1; 1 where there is nothing to hold it against. */
    public function chance(): float
    {
        $all = $this->recent + $this->before;
        $sum = 0.0;
        for ($k = $this->recent; $k <= min($all, $this->ofRecent); ++$k) {
            $sum += exp(
                self::logChoose($this->ofRecent, $k) + self::logChoose($this->ofBefore, $all - $k)
                    - self::logChoose($this->ofRecent + $this->ofBefore, $all),
            );
        }

        return min(1.0, $sum);
    }

    private static function logChoose(int $of, int $many): float
    {
        if ($many < 0 || $many > $of) {
            return -\INF;
        }

        return Special::logGamma($of + 1) - Special::logGamma($many + 1) - Special::logGamma($of - $many + 1);
    }
}
