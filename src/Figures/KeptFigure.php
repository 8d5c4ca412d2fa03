<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A figure kept with a case as evidence: what was asked, what it answered, with which version of the formula. */
#[ORM\Entity(repositoryClass: KeptFigureRepository::class)]
#[ORM\Table(name: 'kept_figure')]
#[ORM\Index(columns: ['case_id'])]
class KeptFigure implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** What somebody told of it, as told; empty: nothing. */
    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $claim = '';

    /** How that goes with what was worked out. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $claimSays = '';

    /**
     * @param array<string, string> $typed as typed, by key
     * @param array<string, array{value: mixed, unit?: string}> $results as the command line gives them
     * @param list<string> $notes
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the part; empty: the unit as a whole. */
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $figure,
        #[ORM\Column(type: 'smallint')]
        public int $formula,
        #[ORM\Column(length: 200)]
        public string $question,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $typed,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $results,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $notes,
        #[ORM\Column(length: 300)]
        public string $remark,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function against(string $claim, string $says): void
    {
        [$this->claim, $this->claimSays] = [$claim, $says];
    }

    public function auditName(): string
    {
        return 'Figure '.$this->figure;
    }
}
