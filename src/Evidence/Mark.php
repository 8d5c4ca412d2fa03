<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\MarkShape;
use Symfony\Component\Uid\Uuid;

/** A mark drawn over a photo, kept as data; the picture stays untouched. */
#[ORM\Entity]
#[ORM\Table(name: 'mark')]
class Mark implements Undoable
{
    use DoneBy;
    use Identified;

    /** @param list<array{float, float}> $points shares of width and height */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'marks')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Photo $photo,
        #[ORM\Column(length: 10, enumType: MarkShape::class)]
        public MarkShape $shape,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $points,
        #[ORM\Column(length: 40, nullable: true)]
        public ?string $mode,
        #[ORM\Column(type: 'smallint')]
        public int $grade,
        #[ORM\Column(length: 300)]
        public string $note,
        Actor $who,
        /** The finding that it shows; one finding may have marks in several photos. */
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'SET NULL')]
        public ?Finding $finding = null,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditCase(): Uuid
    {
        return $this->photo->case->id;
    }

    public function auditName(): string
    {
        return 'Mark on '.$this->photo->originalName;
    }
}
