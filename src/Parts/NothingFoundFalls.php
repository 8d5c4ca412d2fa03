<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\AfterFinding;
use App\Evidence\Finding;
use App\Evidence\Repository\PartRecordRepository;
use Japhrex\Core\Damage\FindingKind;

/** A decision that rests on nothing having been found falls when damage is found after all, and is asked for anew. */
final readonly class NothingFoundFalls implements AfterFinding
{
    public const WITH_THE_REST = 'Looked at by eye with the rest: nothing found.';
    public const BY_ITSELF = 'Looked at: nothing found.';

    public function __construct(private PartRecordRepository $records)
    {
    }

    public function found(Finding $finding): void
    {
        $record = $this->records->ofPart($finding->case, $finding->part);
        if (
            FindingKind::Damage === $finding->kind
                && \in_array($record->dispositionReason, [self::WITH_THE_REST, self::BY_ITSELF], true)
        ) {
            $record->undecide();
        }
    }
}
