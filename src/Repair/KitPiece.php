<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\KitPieceRepository;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A piece of a kit that fits several units and came without a sheet: how many lay in it, how many went in. */
#[ORM\Entity(repositoryClass: KitPieceRepository::class)]
#[ORM\Table(name: 'kit_piece')]
class KitPiece implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** How many went in; null: not laid out yet. What did not go in is left over on purpose. */
    #[ORM\Column(type: Types::SMALLINT, nullable: true)]
    public ?int $used = null;

    /** Where it went, or why it was left over. */
    #[ORM\Column(length: 300)]
    public string $why = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** The kit as it was bought. */
        #[ORM\Column(length: 120)]
        public string $kit,
        /** What it is, with the size or mark that tells it from its neighbours. */
        #[ORM\Column(length: 120)]
        public string $piece,
        #[ORM\Column(type: Types::SMALLINT)]
        public int $count,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Piece of '.$this->kit.', '.$this->piece;
    }
}
