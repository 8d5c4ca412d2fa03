<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\StripStep;

/** Small parts of which fewer were counted out than belong there. What is not there went somewhere. */
final readonly class Shortage
{
    public function __construct(public StripStep $step, public string $what, public int $counted, public int $should)
    {
    }

    /**
     * @param array<string, int> $counted what => how many were counted out at this step; what was not counted is not short
     *
     * @return list<self>
     */
    public static function at(StripStep $step, array $counted): array
    {
        $short = [];
        foreach ($step->counts as $count) {
            if (($counted[$count->what] ?? $count->count) < $count->count) {
                $short[] = new self($step, $count->what, $counted[$count->what], $count->count);
            }
        }

        return $short;
    }

    public function sentence(): string
    {
        return \sprintf('%s: %d of %d counted out.', ucfirst($this->what), $this->counted, $this->should);
    }
}
