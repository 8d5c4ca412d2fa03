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

    /** @return bool is a difference told that was not told before? */
    public function looked(string $found, bool $differs, Actor $who): bool
    {
        $isNews = $differs && (!$this->differs || $this->found !== $found);
        [$this->found, $this->differs] = [$found, $differs];
        $this->doneBy($who);

        return $isNews;
    }

    public function auditName(): string
    {
        return 'Contents, '.$this->what;
    }
}
