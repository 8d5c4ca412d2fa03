<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\User;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

/** Takes a table in: shown first, then all of it or nothing. */
final readonly class TakeTable
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseRows $cases,
        private ReadingRows $readings,
        private FindingRows $findings,
    ) {
    }

    public function rows(TableKind $kind): TableRows
    {
        return match ($kind) {
            TableKind::Cases => $this->cases,
            TableKind::Readings => $this->readings,
            TableKind::Findings => $this->findings,
        };
    }

    /** @throws ShopError if it has no lines, or other columns than it should */
    public function preview(TableKind $kind, string $text, ?CaseFile $case, User $who): PlannedTable
    {
        $rows = $this->rows($kind);
        $table = TypedTable::read($text, $rows->must(), $rows->may());

        return new PlannedTable($table, $rows->plan($table->lines, $case, $who));
    }

    /**
     * @param bool $leaveOut are lines that are refused left out, rather than all of the table?
     *
     * @return int how many lines were taken; 0: some are refused
     */
    public function take(PlannedTable $table, bool $leaveOut): int
    {
        if ([] !== $table->refused() && !$leaveOut) {
            return 0;
        }
        $this->entityManager->wrapInTransaction(static function () use ($table): void {
            foreach ($table->plan as $line) {
                null === $line->take || ($line->take)();
            }
        });

        return \count($table->plan) - \count($table->refused());
    }
}
