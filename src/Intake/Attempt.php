<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that somebody tried before the unit came in, and what it changed: "nothing" is evidence. */
#[ORM\Entity]
#[ORM\Table(name: 'attempt')]
class Attempt implements Undoable
{
    use Identified;
    use OfACase;

    /** Key of what can be tried, as the engine knows it; null: something else, in words. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $what = null;

    #[ORM\Column(length: 15, nullable: true, enumType: Changed::class)]
    #[Assert\NotNull(message: 'What did it change? “Nothing” is evidence too.')]
    public ?Changed $changed = null;

    #[ORM\Column(length: 300)]
    #[Assert\Length(max: 300)]
    public string $words = '';

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'attempts')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    #[Assert\IsTrue(message: 'What was tried? Choose it, or say it in words.')]
    public function isSaid(): bool
    {
        return null !== $this->what || '' !== trim($this->words);
    }

    public function auditName(): string
    {
        return 'Tried before: '.('' === $this->words ? $this->what : $this->words);
    }
}
