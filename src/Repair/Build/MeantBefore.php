<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Intake\Meant;
use App\Intake\OnPurpose;
use App\Intake\Repository\CaseFileRepository;
use App\Repair\Repository\BuildRecordRepository;
use Japhrex\Core\Family\FacingSet;

/** What the builds of earlier cases of a serial put in otherwise on purpose, so that nobody takes it for a mistake. */
final readonly class MeantBefore implements OnPurpose
{
    public function __construct(
        private BookShelf $shelf,
        private CaseFileRepository $cases,
        private BuildRecordRepository $records,
        private KeptOfCase $kept,
    ) {
    }

    public function before(CaseFile $case): array
    {
        return $this->kept->of($case, 'meant before', fn (): array => $this->ofEarlier($case));
    }

    /** @return list<Meant> */
    private function ofEarlier(CaseFile $case): array
    {
        $meant = [];
        foreach ('' === $case->serial ? [] : $this->cases->earlier($case->serial, $case) as $earlier) {
            $last = [];
            foreach ($this->records->ofCase($earlier) as $record) {
                $last[$record->step] = $record;
            }
            foreach ($last as $record) {
                $meant = [...$meant, ...$record->stopped ? [] : $this->of($record)];
            }
        }

        return $meant;
    }

    /** @return list<Meant> */
    private function of(BuildRecord $record): array
    {
        $book = $this->shelf->book($record->case->family, $record->case->is());
        $meant = [];
        foreach ((array) ($record->typed['purpose'] ?? []) as $part => $why) {
            if (\is_string($why) && '' !== $why) {
                $name = $book->part((string) $part)->name ?? $part;
                $meant[] = self::said($record, [(string) $part], $name.' the other way round', $why);
            }
        }
        $set = array_values(array_filter(
            $book->upkeep->sets,
            static fn (FacingSet $one): bool => 'stands-'.$one->key === $record->step,
        ))[0] ?? null;
        $why = $record->typed['why'] ?? '';
        if (null !== $set && \is_string($why) && '' !== $why) {
            $position = $record->typed['position'] ?? '';
            $stands = \is_string($position) ? $set->position($position)->stands ?? '' : '';
            $meant[] = self::said($record, $set->parts, rtrim($set->what.': '.lcfirst($stands), '.'), $why);
        }

        return $meant;
    }

    /** @param list<string> $parts */
    private static function said(BuildRecord $record, array $parts, string $what, string $why): Meant
    {
        return new Meant($parts, $what, $why, $record->case->number, $record->byWhom, $record->madeAt);
    }
}
