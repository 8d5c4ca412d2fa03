<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Measuring\Size;

/** A size worked out from readings, at each place where they meet, or why it cannot be. */
final readonly class Derived
{
    /** What the two ends of a band are called. */
    public const LEAST = 'the closest pairing';
    public const LARGEST = 'the widest pairing';

    /** The first size; the one there is where nothing was read at several places. Null while something is missing or wrong. */
    public ?Size $size;

    /**
     * @param list<PlaceSize> $at place by place, or the two ends of a band; none while something is missing or wrong
     * @param array<string, string> $typed what the figure was asked
     * @param list<Known> $from what it was worked out from
     * @param list<string> $missing references that are not known yet
     * @param list<string> $unread places of readings behind it that were not read yet, with their reading
     */
    public function __construct(
        public Fill $fill,
        public array $at,
        public array $typed,
        public array $from,
        public array $missing,
        public string $wrong = '',
        public array $unread = [],
    ) {
        $this->size = [] === $at ? null : $at[0]->size;
    }

    public function judge(Limits $limits): ?FieldAssessment
    {
        return [] === $this->at ? null : new FieldAssessment(
            array_map(
                static fn (PlaceSize $one): JudgedPlace => new JudgedPlace(
                    $one->place,
                    (new ReadingVerdict())->judgeSize($one->size, $limits),
                ),
                $this->at,
            ),
            $this->unread,
        );
    }
}
