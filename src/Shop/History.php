<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\AuditEntry;
use App\Account\Repository\AuditEntryRepository;
use App\Account\TrailNames;
use App\Intake\CaseFile;

/** Every change of a case: who, when, what before and after. */
final readonly class History
{
    /** Lines of a page. */
    public const MOST = 200;

    public function __construct(private AuditEntryRepository $trail, private TrailNames $names)
    {
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
