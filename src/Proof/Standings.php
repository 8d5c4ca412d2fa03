<?php

declare(strict_types=1);

namespace App\Proof;

use App\Intake\CaseFile;
use App\Intake\WentOut;
use App\Proof\Repository\HandoverRepository;
use App\Proof\Repository\ProofRecordRepository;
use App\Repair\Gone;
use Japhrex\Core\Proof\ProofEntry;

/** Where cases stand, in a word: their stage, and once they are signed what came of them. */
final readonly class Standings implements Gone, WentOut
{
    public function __construct(private HandoverRepository $handovers, private ProofRecordRepository $records)
    {
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return array<string, string> by case id
     */
    public function wordsFor(array $cases): array
    {
        [$out, $missed] = [$this->out($cases), $this->missed($cases)];
        $words = [];
        foreach ($cases as $case) {
            $id = (string) $case->id;
            $words[$id] = (isset($out[$id]) ? 'Out' : $case->stage->label()).(($missed[$id] ?? 0) > 0 ? ', proof missed' : '');
        }

        return $words;
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return array<string, true> by case id: those that are signed and gone out, with no step of the proof missed
     */
    public function ended(array $cases): array
    {
        $missed = $this->missed($cases);
        $signed = [];
        foreach ($cases as $case) {
            if ($case->isSigned()) {
                $signed[(string) $case->id] = true;
            }
        }

        return array_filter(
            array_intersect_key($this->out($cases), $signed),
            static fn (string $id): bool => 0 === ($missed[$id] ?? 0),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    public function isOut(CaseFile $case): bool
    {
        return [] !== $this->out([$case]);
    }

    /** Steps of the proof that were missed, and not passed since. */
    public function missedOf(CaseFile $case): int
    {
        return $this->missed([$case])[(string) $case->id] ?? 0;
    }

    public function out(array $cases): array
    {
        $out = [];
        foreach ($this->handovers->ofCases($cases) as $handover) {
            if (null !== $handover->goneAt) {
                $out[(string) $handover->case->id] = true;
            }
        }

        return $out;
    }

    /**
     * @param list<CaseFile> $cases
     *
     * @return array<string, int>
     */
    private function missed(array $cases): array
    {
        $last = [];
        foreach ($this->records->ofCases($cases) as $record) {
            $last[(string) $record->case->id][$record->item] = $record->outcome;
        }

        return array_map(static fn (array $outcomes): int => \count(array_keys($outcomes, ProofEntry::MISSED, true)), $last);
    }
}
