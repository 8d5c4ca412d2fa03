<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\Frame\WearCell;

/** Wear strips of many cases at once. */
final readonly class WearStrips
{
    public function __construct(private BookShelf $shelf, private FindingRepository $findings)
    {
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return array<string, list<WearCell>> by case id, in strip order
     */
    public function stripsOf(array $cases): array
    {
        $grades = $this->findings->grades($cases);
        $strips = [];
        foreach ($cases as $case) {
            $id = (string) $case->id;
            foreach ($this->shelf->book($case->family, $case->is())->partsInStripOrder() as $part) {
                $strips[$id][] = new WearCell($part->key, $part->short, $grades[$id][$part->key] ?? null, false);
            }
        }

        return $strips;
    }
}
