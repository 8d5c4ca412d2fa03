<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Repository\AuditEntryRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

/**
 * One change of one field: who, when, what before and after. Never changed, never deleted. Each carries the digest of the
 * one before in its case; the database sets both as it is added.
 */
#[ORM\Entity(repositoryClass: AuditEntryRepository::class, readOnly: true)]
#[ORM\Table(name: 'audit_entry')]
#[ORM\Index(columns: ['case_id', 'made_at'])]
class AuditEntry
{
    use Identified;

    #[ORM\Column(insertable: false, updatable: false)]
    public int $seq = 0;

    #[ORM\Column(length: 64, insertable: false, updatable: false)]
    public string $previous = '';

    #[ORM\Column(length: 64, insertable: false, updatable: false)]
    public string $digest = '';

    /** Names were taken out of it, by the database alone: it holds by its digest. */
    #[ORM\Column(insertable: false, updatable: false, options: ['default' => false])]
    public bool $takenOut = false;

    public function __construct(
        #[ORM\Column(type: UuidType::NAME, nullable: true)]
        public ?Uuid $caseId,
        /** Digest of the person's name; see TrailNames. */
        #[ORM\Column(length: 80)]
        public string $who,
        #[ORM\Column(length: 10)]
        public string $action,
        #[ORM\Column(length: 200)]
        public string $what,
        #[ORM\Column(type: UuidType::NAME)]
        public Uuid $entity,
        #[ORM\Column(length: 60)]
        public string $field,
        #[ORM\Column(type: 'text', nullable: true)]
        public ?string $before,
        #[ORM\Column(type: 'text', nullable: true)]
        public ?string $after,
    ) {
        $this->identify();
    }
}
