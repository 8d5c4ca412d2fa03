<?php

declare(strict_types=1);

namespace App\Report;

use App\Account\Actor;
use App\Account\AuditedInPart;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Report\Repository\ReportRepository;
use App\Verdict\Verdict;
use Doctrine\ORM\Mapping as ORM;

/** A PDF that is being made, or is made. */
#[ORM\Entity(repositoryClass: ReportRepository::class)]
#[ORM\Table(name: 'report')]
#[ORM\Index(columns: ['case_id', 'made_at'])]
class Report implements AuditedInPart, Paper
{
    use DoneBy;
    use Identified;
    use InTheMaking;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\ManyToOne]
        public ?Verdict $verdict,
        Actor $who,
        #[ORM\Column(name: 'made_for', length: 10, enumType: ReportFor::class, options: ['default' => 'whole'])]
        public ReportFor $for = ReportFor::Whole,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->touchedAt = $this->madeAt;
    }

    public function auditFields(): array
    {
        return ['byWhom', 'hash'];
    }

    public function auditName(): string
    {
        return 'Report'.(null === $this->verdict ? '' : ', revision '.$this->verdict->revision)
            .(ReportFor::Whole === $this->for ? '' : ', '.$this->for->label());
    }
}
