<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use Japhrex\Core\Measuring\Unlike;

/** Sizes of parts that are made alike, held against each other. */
final readonly class AlikeParts
{
    public function __construct(private BookShelf $shelf, private CaseMeasures $measures)
    {
    }

    /** @return array<string, array{string, Unlike}> by field of the part: key of its twin, and how far the two are apart */
    public function of(CaseFile $case, string $part): array
    {
        $found = [];
        $measured = $this->measures->measuredIn($case);
        foreach ($this->shelf->book($case->family, $case->is())->pairs as $pair) {
            if (!\in_array($part, $pair->parts, true)) {
                continue;
            }
            $twin = array_values(array_diff($pair->parts, [$part]))[0];
            foreach ($pair->alike as $field => $most) {
                $one = ($measured[$part][$field] ?? null)?->readings?->sizes() ?? [];
                $other = ($measured[$twin][$field] ?? null)?->readings?->sizes() ?? [];
                if ([] !== $one && [] !== $other) {
                    $found[$field] = [$twin, Unlike::of($one, $other, $most)];
                }
            }
        }

        return $found;
    }
}
