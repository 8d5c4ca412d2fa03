<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Proof\Repository\ProofRecordRepository;
use Doctrine\ORM\Mapping as ORM;

/** A step of the proof: begun, passed or missed. Entries are added, never changed; the last of a step counts. */
#[ORM\Entity(repositoryClass: ProofRecordRepository::class)]
#[ORM\Table(name: 'proof_record')]
#[ORM\Index(columns: ['case_id', 'item'])]
class ProofRecord implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** @var list<array{typed: string, speed: string, says: string, verdict: string}> what was read against the book's limits */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $readings = [];

    /** The stand on which it was read; empty: not told. */
    #[ORM\Column(length: 80)]
    public string $stand = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 80)]
        public string $item,
        #[ORM\Column(length: 10)]
        public string $outcome,
        /** What was read, and in words. */
        #[ORM\Column(type: 'text')]
        public string $words,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Proof, '.$this->item;
    }
}
