<?php

declare(strict_types=1);

namespace App\Repair\Shelf;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Platform\Identified;
use App\Repair\Repository\ShelfSizeRepository;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** How many of one size of a part that is chosen by a play lie on the shelf. */
#[ORM\Entity(repositoryClass: ShelfSizeRepository::class)]
#[ORM\Table(name: 'shelf_size')]
#[ORM\UniqueConstraint(columns: ['family', 'selective', 'size'])]
class ShelfSize implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(type: 'smallint')]
    public int $pieces = 0;

    public function __construct(
        #[ORM\Column(length: 60)]
        public readonly string $family,
        /** Key of what is chosen, in the book. */
        #[ORM\Column(length: 60)]
        public readonly string $selective,
        #[ORM\Column(length: 20)]
        public readonly string $size,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function count(int $pieces, Actor $who): void
    {
        $this->pieces = $pieces;
        $this->doneBy($who);
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'On the shelf, '.$this->selective.' '.$this->size;
    }
}
