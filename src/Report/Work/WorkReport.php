<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Account\AuditedInPart;
use App\Account\User;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Report\InTheMaking;
use App\Report\Paper;
use App\Report\Repository\WorkReportRepository;
use Doctrine\ORM\Mapping as ORM;

/**
 * What was done after the failure report: decisions, build, proof, return to service. Signed by who did it; what follows makes the next
 * one.
 */
#[ORM\Entity(repositoryClass: WorkReportRepository::class)]
#[ORM\Table(name: 'work_report')]
#[ORM\UniqueConstraint(columns: ['case_id', 'nr'])]
class WorkReport implements AuditedInPart, Paper
{
    use Identified;
    use InTheMaking;
    use OfACase;

    /** The name as it was then. */
    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $signedAs;

    /** SHA-256 of the words. */
    #[ORM\Column(length: 64)]
    public string $digest;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'RESTRICT')]
        public CaseFile $case,
        /** Counted within the case from 1. */
        #[ORM\Column(name: 'nr', type: 'smallint')]
        public int $ordinal,
        /** Null: the names of people were taken out. */
        #[ORM\ManyToOne]
        public ?User $signedBy,
        /** Its words as they were signed, HTML; pictures are `<id>.jpg`. */
        #[ORM\Column(type: 'text')]
        public string $body,
    ) {
        $this->identify();
        $this->touchedAt = $this->madeAt;
        $this->signedAs = $signedBy->name ?? '';
        $this->digest = self::digestOf($body);
    }

    public static function digestOf(string $body): string
    {
        return hash('sha256', $body);
    }

    public function name(): string
    {
        return $this->case->number.'-work-'.$this->ordinal;
    }

    public function auditFields(): array
    {
        return ['ordinal', 'signedBy', 'digest', 'hash'];
    }

    public function auditName(): string
    {
        return 'Work report '.$this->ordinal;
    }
}
