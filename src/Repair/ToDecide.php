<?php

declare(strict_types=1);

namespace App\Repair;

use App\Evidence\Conditions;
use App\Intake\CaseFile;
use App\Measuring\BoundParts;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Repair\HangsOn;

/** What a page needs where it lets decide what becomes of a part (`repair/_decide.html.twig`). */
final readonly class ToDecide
{
    public function __construct(
        private RepairDesk $desk,
        private Decisions $decisions,
        private BoundParts $bound,
        private Conditions $conditions,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(CaseFile $case): array
    {
        return [
            'records' => $this->desk->records($case),
            'refused' => $this->decisions->refused($case),
            'bound' => $this->bound->boundOf($case),
            'dispositions' => Disposition::cases(),
            'conditions' => HangsOn::choices($this->conditions->steps($case)),
        ];
    }
}
