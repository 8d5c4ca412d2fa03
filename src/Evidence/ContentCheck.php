<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Repository\ContentCheckRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\DutyRating;

/** What was found inside against what this model should contain. */
#[ORM\Entity(repositoryClass: ContentCheckRepository::class)]
#[ORM\Table(name: 'content_check')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part', 'what'])]
class ContentCheck implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\Column(length: 200)]
    public string $found = '';

    /** Does it differ from what belongs there? */
    #[ORM\Column]
    public bool $differs = false;

    /** What that is worth for this duty; null: it is as it should be, or was told before this was asked. */
    #[ORM\Column(length: 10, nullable: true, enumType: DutyRating::class)]
    public ?DutyRating $rated = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        /** The line of the book that it answers. */
        #[ORM\Column(length: 120)]
        public string $what,
    ) {
        $this->identify();
    }

    /** @param DutyRating|null $rated null: it is as it should be */
    public function looked(string $found, ?DutyRating $rated, Actor $who): void
    {
        [$this->found, $this->differs, $this->rated] = [$found, null !== $rated, $rated];
        $this->doneBy($who);
    }

    /** What its finding says, without what was found: by that it is known again. */
    public function heads(): string
    {
        return 'Earlier repair: '.$this->what.' found ';
    }

    public function auditName(): string
    {
        return 'Contents, '.$this->what;
    }
}
