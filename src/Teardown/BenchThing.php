<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Teardown\Repository\BenchThingRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Teardown\BenchKind;

/** Something that lies ready for a unit: a line of the list, or one that somebody added; lent by others it goes back. */
#[ORM\Entity(repositoryClass: BenchThingRepository::class)]
#[ORM\Table(name: 'bench_thing')]
#[ORM\UniqueConstraint(columns: ['case_id', 'item'])]
class BenchThing implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Whose it is, where it is lent; empty: ours. */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    public string $lentBy = '';

    /** Day on which it goes back. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $backOn = null;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $wentBackAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        /** Key of the line, or the words of one that was added. */
        #[ORM\Column(length: 160)]
        public string $item,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** What it is, for a reader. */
    public function what(): string
    {
        foreach (BenchKind::cases() as $kind) {
            if (str_starts_with($this->item, $kind->value.' ')) {
                return ucfirst(substr($this->item, \strlen($kind->value) + 1));
            }
        }

        return $this->item;
    }

    public function lent(string $by, ?\DateTimeImmutable $backOn): void
    {
        [$this->lentBy, $this->backOn] = [$by, $backOn];
    }

    public function wentBack(\DateTimeImmutable $at): void
    {
        $this->wentBackAt = $at;
    }

    /** Is it somebody else's, and still here? */
    public function isOut(): bool
    {
        return '' !== $this->lentBy && null === $this->wentBackAt;
    }

    public function isLate(\DateTimeImmutable $today): bool
    {
        return $this->isOut() && null !== $this->backOn && $this->backOn->format('Y-m-d') < $today->format('Y-m-d');
    }

    public function auditName(): string
    {
        return 'Ready on the bench: '.$this->item;
    }
}
