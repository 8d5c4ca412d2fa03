<?php

declare(strict_types=1);

namespace App\Proof;

use App\Evidence\Conditions;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use Japhrex\Core\Proof\ProofEntry;

final readonly class ProofConditions implements Conditions
{
    public function __construct(private ProofDesk $proof, private KeptOfCase $kept)
    {
    }

    public function steps(CaseFile $case): array
    {
        return $this->kept->of($case, 'steps of the proof', fn (): array => array_map(
            static fn (ProofRow $row): string => $row->item->title, $this->proof->sheet($case),
        ));
    }

    public function missed(CaseFile $case): array
    {
        $missed = [];
        foreach ($this->proof->sheet($case) as $row) {
            if (ProofEntry::MISSED === $row->outcome) {
                $missed[$row->item->title] = $row->records[\count($row->records) - 1]->id;
            }
        }

        return $missed;
    }
}
