<?php

declare(strict_types=1);

namespace App\Report;

use App\Intake\CaseFile;
use App\Platform\Identified;
use App\Verdict\Verdict;
use Doctrine\ORM\Mapping as ORM;

/** A PDF that is being made, or is made. */
#[ORM\Entity]
#[ORM\Table(name: 'report')]
#[ORM\Index(columns: ['case_id', 'made_at'])]
class Report
{
    use Identified;

    #[ORM\Column(length: 10, enumType: ReportState::class)]
    public ReportState $state = ReportState::Waiting;

    /** What is being done, in words, while it is made. */
    #[ORM\Column(length: 120)]
    public string $doing = 'waiting for the worker';

    #[ORM\Column(type: 'smallint')]
    public int $percent = 0;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $hash = null;

    #[ORM\Column(nullable: true)]
    public ?int $bytes = null;

    #[ORM\Column(type: 'text')]
    public string $error = '';

    #[ORM\Column(type: 'datetimetz_immutable')]
    public \DateTimeImmutable $touchedAt;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\ManyToOne]
        public ?Verdict $verdict,
        #[ORM\Column(length: 80)]
        public string $byWhom,
    ) {
        $this->identify();
        $this->touchedAt = $this->madeAt;
    }

    public function step(int $percent, string $doing): void
    {
        $this->state = ReportState::Making;
        $this->percent = $percent;
        $this->doing = $doing;
        $this->touchedAt = new \DateTimeImmutable();
    }

    /** Has the worker said nothing for so long that it may have died? The queue hands the work out again by itself. */
    public function isSilent(): bool
    {
        return !$this->state->isOver() && $this->touchedAt < new \DateTimeImmutable('-45 seconds');
    }
}
