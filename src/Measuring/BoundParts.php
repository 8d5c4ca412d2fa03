<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Books\BookShelf;
use App\Evidence\FindsByDuty;
use App\Evidence\PartLimits;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use Japhrex\Core\Repair\BoundByLimits;
use Japhrex\Core\Repair\JudgedField;

/** What the limits of a case let become of its parts. */
final readonly class BoundParts implements PartLimits
{
    public function __construct(private BookShelf $shelf, private CaseMeasures $measures, private FindsByDuty $finds)
    {
    }

    public function boundOf(CaseFile $case, ?PartRecord $typed = null): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $bound = [];
        $found = $this->finds->of($case, $typed);
        foreach ($this->measures->measuredIn($case, $typed) + array_fill_keys(array_keys($book->parts), []) as $part => $measured) {
            if (isset($book->parts[$part])) {
                $bound[$part] = BoundByLimits::of(
                    $book->parts[$part],
                    array_map(
                        static fn (Measured $one): JudgedField => new JudgedField(
                            $one->field,
                            $one->assessment(),
                            $one->rebuild,
                            $one->form?->judged,
                        ),
                        array_values($measured),
                    ),
                    $found[$part] ?? [],
                );
            }
        }

        return $bound;
    }
}
