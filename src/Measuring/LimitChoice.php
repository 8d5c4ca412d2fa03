<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Audited;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Measuring\Repository\LimitChoiceRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** Which of several sources of a limit an analyst chose for a case, and why. */
#[ORM\Entity(repositoryClass: LimitChoiceRepository::class)]
#[ORM\Table(name: 'limit_choice')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part', 'field'])]
class LimitChoice implements Audited
{
    use Identified;
    use OfACase;

    #[ORM\Column(length: 60)]
    public string $chosen = '';

    #[ORM\Column(length: 300)]
    public string $reason = '';

    #[ORM\Column(length: 80)]
    public string $byWhom = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $field,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Limit that counts for '.$this->field.' of '.$this->part;
    }
}
