<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\User;
use App\Intake\CaseFile;

/** What the lines of one kind of table mean. */
interface TableRows
{
    /** @return list<string> columns that it needs */
    public function must(): array;

    /** @return list<string> columns that it may have */
    public function may(): array;

    /** A table of two lines, to begin with. */
    public function example(): string;

    /**
     * Reads all lines and writes nothing.
     *
     * @param array<int, array<string, string>> $lines cells by column, by number of the line
     * @param CaseFile|null $case into which they go; null: they are cases
     *
     * @return array<int, PlannedLine> by number of the line
     */
    public function plan(array $lines, ?CaseFile $case, User $who): array;
}
