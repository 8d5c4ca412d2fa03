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
    /** So many cases of its own have to be there for a group to be held against itself. */
    private const ENOUGH = 10;

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

    /**
     * The last year of a group against its own three years before; where it has too few cases from then, against the rest of its family.
     *
     * @param array{int, int} $recent how many of how many
     * @param array{int, int} $own before
     * @param array{int, int} $rest of the family
     */
    public static function against(array $recent, array $own, array $rest): self
    {
        return new self(...$recent, ...$own[1] >= self::ENOUGH ? $own : $rest);
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
