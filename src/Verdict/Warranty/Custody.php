<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Verdict\Repository\CustodyRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Verdict\Whereabouts;

/** An entry in the chain of custody of a part. Entries are added, never changed. */
#[ORM\Entity(repositoryClass: CustodyRepository::class)]
#[ORM\Table(name: 'part_custody')]
class Custody implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Day up to which it is kept at least; from then on somebody decides. Null: nobody has said. */
    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $until = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 10, enumType: Whereabouts::class)]
        public Whereabouts $what,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)]
        public \DateTimeImmutable $day,
        /** Shelf and tag, or to whom and by which consignment. */
        #[ORM\Column(length: 200)]
        public string $place,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function keepUntil(?\DateTimeImmutable $day): void
    {
        $this->until = $day;
    }

    /** Has the day come on which it may be released or scrapped? */
    public function isDue(\DateTimeImmutable $today): bool
    {
        return null !== $this->until && $this->until->format('Y-m-d') <= $today->format('Y-m-d');
    }

    public function auditName(): string
    {
        return 'Part '.$this->part;
    }
}
