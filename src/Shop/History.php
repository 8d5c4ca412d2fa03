<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\AuditEntry;
use App\Account\Repository\AuditEntryRepository;
use App\Account\Repository\UndoStepRepository;
use App\Account\TrailNames;
use App\Account\Undo\UndoStep;
use App\Intake\CaseFile;

/** Every change of a case: who, when, what before and after. */
final readonly class History
{
    /** Lines of a page. */
    public const MOST = 200;

    public function __construct(
        private AuditEntryRepository $trail,
        private TrailNames $names,
        private UndoStepRepository $steps,
    ) {
    }

    /** @return list<UndoStep> what was done in the case, the newest first: each can be taken back, or was */
    public function steps(CaseFile $case): array
    {
        return $this->steps->ofCase($case->id, self::MOST);
    }

    /** @return list<HistoryLine> the newest first */
    public function page(CaseFile $case, int $page): array
    {
        return array_map($this->line(...), $this->trail->page($case->id, HistoryWords::INSIDE, $page, self::MOST));
    }

    private function line(AuditEntry $entry): HistoryLine
    {
        return new HistoryLine(
            $entry->madeAt,
            $this->names->shown($entry->who),
            trim($entry->what.' '.('changed' === $entry->action ? '' : $entry->action)),
            HistoryWords::field($entry->field),
            HistoryWords::value($this->names->shown($entry->before)),
            HistoryWords::value($this->names->shown($entry->after)),
        );
    }
}
