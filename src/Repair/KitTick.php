<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\KitTickRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Repair\KitCheck;

/** A part of the kit list: used, or left over on purpose. Ticks are added, never changed; the last of a part counts. */
#[ORM\Entity(repositoryClass: KitTickRepository::class)]
#[ORM\Table(name: 'kit_tick')]
#[ORM\Index(columns: ['case_id', 'part'])]
class KitTick implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 10)]
        public string $state,
        #[ORM\Column(length: 300)]
        public string $why,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Kit list, '.$this->part.(KitCheck::USED === $this->state ? ' used' : ' left over');
    }
}
