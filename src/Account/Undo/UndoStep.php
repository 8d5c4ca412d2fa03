<?php

declare(strict_types=1);

namespace App\Account\Undo;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Repository\UndoStepRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

/** What one request did to a case, so that it can be taken back, and done again. */
#[ORM\Entity(repositoryClass: UndoStepRepository::class)]
#[ORM\Table(name: 'undo_step')]
#[ORM\Index(columns: ['case_id', 'made_at'])]
class UndoStep
{
    use DoneBy;
    use Identified;

    /** What was done, in words. */
    #[ORM\Column(length: 200)]
    public string $says = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $undoneAt = null;

    /** @var list<array{string, string, string, array<string, array{scalar|null, scalar|null}>}> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $changes = [];

    public function __construct(
        #[ORM\Column(type: UuidType::NAME)]
        public Uuid $caseId,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** @return list<Change> in the order in which they were done */
    public function changes(): array
    {
        return array_map(Change::of(...), $this->changes);
    }

    /** @param list<Change> $changes */
    public function holds(array $changes, string $says): void
    {
        $this->changes = array_map(static fn (Change $one): array => $one->kept(), $changes);
        $this->says = mb_substr($says, 0, 200);
    }

    public function takenBack(\DateTimeImmutable $at): void
    {
        $this->undoneAt = $at;
    }

    public function doneAgain(): void
    {
        $this->undoneAt = null;
    }
}
