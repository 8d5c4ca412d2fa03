<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Identity\Repository\SeenFeatureRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** What was measured, counted or seen of a unit to tell which it is. */
#[ORM\Entity(repositoryClass: SeenFeatureRepository::class)]
#[ORM\Table(name: 'seen_feature')]
#[ORM\UniqueConstraint(columns: ['case_id', 'feature'])]
class SeenFeature implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** As typed. */
    #[ORM\Column(length: 80)]
    public string $value = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the book's feature. */
        #[ORM\Column(length: 60)]
        public string $feature,
    ) {
        $this->identify();
    }

    public function is(string $value, Actor $who): void
    {
        $this->value = $value;
        $this->doneBy($who);
    }

    public function auditName(): string
    {
        return 'Told by, '.$this->feature;
    }
}
