<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Platform\Identified;
use App\Proof\Repository\LiveRunRepository;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** A run that a stand is sending. When it is ended it becomes a recording, and is gone. */
#[ORM\Entity(repositoryClass: LiveRunRepository::class)]
#[ORM\Table(name: 'live_run')]
class LiveRun
{
    use DoneBy;
    use Identified;

    /** The head that its rows have; empty while none came. */
    #[ORM\Column(type: 'text')]
    public string $head = '';

    /** @var array<string, string> channel => unit as the stand writes it */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $units = [];

    /** Times of its first and its last row, in seconds. */
    #[ORM\Column]
    public float $firstRow = 0.0;

    #[ORM\Column]
    public float $lastRow = 0.0;

    #[ORM\Column(name: 'nr_of_rows')]
    public int $rowCount = 0;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $heardAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** One run at a time. */
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public TestStand $stand,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /**
     * @param array<string, string> $units by channel
     * @param float $at seconds of the first row
     */
    public function beginsWith(string $head, array $units, float $at): void
    {
        [$this->head, $this->units, $this->firstRow] = [$head, $units, $at];
    }

    /** @param list<float> $times of the rows that came, seconds */
    public function hears(array $times): void
    {
        [$this->lastRow, $this->rowCount] = [[] === $times ? $this->lastRow : end($times), $this->rowCount + \count($times)];
        $this->heardAt = now();
    }
}
