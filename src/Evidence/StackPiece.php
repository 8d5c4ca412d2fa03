<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Repository\StackPieceRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** One piece of a stack as it lay: a plate of a pack, a shim, a spring by its place. In the order in which they came off. */
#[ORM\Entity(repositoryClass: StackPieceRepository::class)]
#[ORM\Table(name: 'stack_piece')]
class StackPiece implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the book's part. */
        #[ORM\Column(length: 60)]
        public string $part,
        /** Counted from the first that came off. */
        #[ORM\Column(type: 'smallint')]
        public int $nth,
        #[ORM\Column(length: 120)]
        public string $what,
        #[ORM\Column(length: 60)]
        public string $place,
        #[ORM\Column(length: 60)]
        public string $colour,
        /** As typed, with its unit. */
        #[ORM\Column(length: 40)]
        public string $thickness,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** In a line: "steel plate, 1–2 accumulator, red, 2.00 mm". */
    public function words(): string
    {
        return implode(', ', array_filter([$this->what, $this->place, $this->colour, $this->thickness]));
    }

    public function auditName(): string
    {
        return \sprintf('Piece %d of the stack, %s', $this->nth, $this->part);
    }
}
