<?php

declare(strict_types=1);

namespace App\Chain;

use App\Chain\Repository\LeadRepository;
use App\Intake\CaseFile;
use App\Platform\Identified;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A candidate that led at some time: it stays with its date and what overturned the one before it. */
#[ORM\Entity(repositoryClass: LeadRepository::class)]
#[ORM\Table(name: 'chain_lead')]
class Lead
{
    use Identified;

    /** @param list<string> $seen spots that were seen or looked for by then */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 160)]
        public string $spot,
        #[ORM\Column(length: 200)]
        public string $name,
        #[ORM\Column(type: Types::FLOAT)]
        public float $share,
        /** What brought it to the front, in words. */
        #[ORM\Column(type: Types::TEXT)]
        public string $because,
        #[ORM\Column(type: Types::JSON)]
        public array $seen,
    ) {
        $this->identify();
    }
}
