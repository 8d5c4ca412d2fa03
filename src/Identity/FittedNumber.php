<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Identity\Repository\FittedNumberRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** The number of a part that fitted in the end, kept with the unit: the next repair begins with it. */
#[ORM\Entity(repositoryClass: FittedNumberRepository::class)]
#[ORM\Table(name: 'fitted_number')]
class FittedNumber implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the book's part. */
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 80)]
        public string $number,
        /** Whose number it is. */
        #[ORM\Column(length: 120)]
        public string $supplier,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Number that fitted, '.$this->part;
    }
}
