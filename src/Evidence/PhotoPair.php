<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Repository\PhotoPairRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** Two pictures that are evidence side by side: worn and good, as it was and as it became, a part and its mate. */
#[ORM\Entity(repositoryClass: PhotoPairRepository::class)]
#[ORM\Table(name: 'photo_pair')]
class PhotoPair implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(name: 'left_photo_id', nullable: false, onDelete: 'CASCADE')]
        public Photo $left,
        /** It may be of another case: a good one, or the same part last time. */
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(name: 'right_photo_id', nullable: false, onDelete: 'CASCADE')]
        public Photo $right,
        /** What they show together. */
        #[ORM\Column(length: 300)]
        public string $words,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Pair of pictures: '.$this->words;
    }
}
