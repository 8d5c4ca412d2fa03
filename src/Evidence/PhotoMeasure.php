<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Photo\Measured;
use Japhrex\Core\Photo\MeasureKind;
use Symfony\Component\Uid\Uuid;

/** Something measured in a photo, with what was set on it, so that it can be worked out again. */
#[ORM\Entity]
#[ORM\Table(name: 'photo_measure')]
class PhotoMeasure implements Undoable
{
    use DoneBy;
    use Identified;

    /** In mm, mm2, deg or %; a count has no unit. */
    #[ORM\Column]
    public float $value;

    /** Standard uncertainty, in the same unit. */
    #[ORM\Column]
    public float $standard;

    #[ORM\Column(length: 5)]
    public string $unit;

    #[ORM\Column(length: 200)]
    public string $holdsFor;

    /** @var array<string, float> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $more;

    /**
     * @param list<array{float, float}> $points shares of width and height
     * @param list<array{float, float}> $inside
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'measures')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Photo $photo,
        #[ORM\Column(length: 10, enumType: MeasureKind::class)]
        public MeasureKind $kind,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $points,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $inside,
        Measured $measured,
        #[ORM\Column(length: 200)]
        public string $note,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        [$this->value, $this->standard, $this->unit, $this->holdsFor, $this->more] = [
            $measured->value,
            $measured->standard,
            $measured->unit,
            $measured->holdsFor,
            $measured->more,
        ];
    }

    public function auditCase(): Uuid
    {
        return $this->photo->case->id;
    }

    public function auditName(): string
    {
        return $this->kind->label().' measured in '.$this->photo->originalName;
    }
}
