<?php

declare(strict_types=1);

namespace App\Repair\Fitted;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\FittedPartRepository;
use Doctrine\ORM\Mapping as ORM;

/** A bought part that went into a unit, with the batch or date code that stands on it: by that it can be called back. */
#[ORM\Entity(repositoryClass: FittedPartRepository::class)]
#[ORM\Table(name: 'fitted_part')]
#[ORM\Index(columns: ['case_id'])]
#[ORM\Index(columns: ['batch'])]
class FittedPart implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    public const LONGEST = 60;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public readonly string $part,
        #[ORM\Column(length: 120)]
        public readonly string $supplier,
        /** Batch, lot or serial; empty: only a date code stands on it. */
        #[ORM\Column(length: self::LONGEST)]
        public readonly string $batch,
        /** As it stands on the part; empty: none does. */
        #[ORM\Column(length: self::LONGEST)]
        public readonly string $dateCode,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** The batch, or the date code where there is none. */
    public function mark(): string
    {
        return '' === $this->batch ? $this->dateCode : $this->batch;
    }

    public function auditName(): string
    {
        return 'Fitted '.$this->part.' '.$this->mark();
    }
}
