<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Measuring\Repository\FeltSizeRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A size that a hand guessed. A reading of the same takes its place and leaves it standing; another hand's stands beside it. */
#[ORM\Entity(repositoryClass: FeltSizeRepository::class)]
#[ORM\Table(name: 'felt_size')]
class FeltSize implements Undoable
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
        #[ORM\Column(length: 60)]
        public string $field,
        /** As guessed, with its unit. */
        #[ORM\Column(length: 40)]
        public string $guess,
        #[ORM\Column(length: 10, nullable: true, enumType: PlayWay::class)]
        public ?PlayWay $way,
        /** Was a good one at hand to feel against? */
        #[ORM\Column(name: 'against_good')]
        public bool $againstAGoodOne,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** For a reader: "about 0.3 mm along, against a good one". */
    public function words(): string
    {
        return implode(', ', array_filter([
            trim('about '.$this->guess.' '.($this->way?->label() ?? '')),
            $this->againstAGoodOne ? 'against a good one' : 'a guess',
        ]));
    }

    public function auditName(): string
    {
        return 'Felt, '.$this->part.'/'.$this->field;
    }
}
