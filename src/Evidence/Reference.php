<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Evidence\Repository\ReferenceRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\FindingKind;
use Symfony\Component\Uid\Uuid;

/** A photo that the shop keeps to judge others by: a good one, or an example of a grade. */
#[ORM\Entity(repositoryClass: ReferenceRepository::class)]
#[ORM\Table(name: 'reference')]
class Reference implements Audited
{
    use DoneBy;
    use Identified;

    public function __construct(
        #[ORM\OneToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Photo $photo,
        /** 0: a good one. */
        #[ORM\Column(type: 'smallint')]
        public int $grade,
        #[ORM\Column(length: 40, nullable: true)]
        public ?string $mode,
        /** Why it is a good example. */
        #[ORM\Column(length: 300)]
        public string $words,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** Of what it is an example where it is none of damage; null: of damage, or as new. */
    public function harmless(): ?FindingKind
    {
        return 0 === $this->grade ? FindingKind::tryFrom($this->mode ?? '') : null;
    }

    public function showNow(int $grade, ?string $mode, string $words, Actor $who): void
    {
        [$this->grade, $this->mode, $this->words] = [$grade, $mode, $words];
        $this->doneBy($who);
    }

    public function auditCase(): Uuid
    {
        return $this->photo->case->id;
    }

    public function auditName(): string
    {
        return 'Reference '.$this->photo->originalName;
    }
}
