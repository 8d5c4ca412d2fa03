<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Measuring\Repository\ReadingRepository;
use App\Repair\Repository\BuildRecordRepository;
use App\Teardown\Repository\StepRecordRepository;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Repair\Build\BuildError;

/** Adjusters as they were found, and as they are left: written in the build, or read before the case was signed. */
final readonly class Adjusters
{
    /** Stands before the place (`part/field`) in the key of a record. */
    public const KEY = 'left:';

    public function __construct(
        private BookShelf $shelf,
        private StepRecordRepository $steps,
        private BuildRecordRepository $records,
        private ReadingRepository $readings,
    ) {
    }

    /** @return list<AdjusterRow> */
    public function rows(CaseFile $case): array
    {
        $found = [];
        foreach ($this->steps->ofCase($case) as $record) {
            $found = $record->adjusters + $found;
        }
        $book = $this->shelf->book($case->family, $case->is());
        $rows = [];
        foreach ($found as $place => $typed) {
            $rows[] = new AdjusterRow(
                (string) $place,
                $book->fieldName((string) $place),
                (string) $typed,
                $this->leftAt($case, (string) $place),
            );
        }

        return $rows;
    }

    /** @throws BuildError if there is no such adjuster, or what was typed cannot be read */
    public function left(CaseFile $case, string $place, string $typed, Actor $who): BuildRecord
    {
        $field = $this->shelf->book($case->family, $case->is())->field($place);
        if (true !== $field?->adjuster) {
            throw BuildError::noSuchAdjuster();
        }
        try {
            Quantity::parse($typed, $field->dimension);
        } catch (QuantityError $error) {
            throw BuildError::reading($error->getMessage());
        }
        $record = new BuildRecord($case, self::KEY.$place, $who);
        $record->adjusterLeftAt($typed);

        return $record;
    }

    private function leftAt(CaseFile $case, string $place): string
    {
        $written = $this->records->last($case, self::KEY.$place)?->typed['left'] ?? null;
        if (\is_string($written)) {
            return $written;
        }
        [$part, $field] = explode('/', $place) + [1 => ''];

        return implode('; ', $this->readings->ofField($case, $part, $field)->typed ?? []);
    }
}
