<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Intake\YesNo;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Verdict\Repository\WarrantyFactsRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What a warranty asks of a case beside what the case knows already. */
#[ORM\Entity(repositoryClass: WarrantyFactsRepository::class)]
#[ORM\Table(name: 'warranty_facts')]
class WarrantyFacts implements Undoable
{
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $delivered = null;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $fitted = null;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $failed = null;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $told = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $photosUnaltered = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $hoursProven = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $oilSample = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $partReturned = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $serviceRecord = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $fittedByTrained = null;

    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Warranty';
    }
}
