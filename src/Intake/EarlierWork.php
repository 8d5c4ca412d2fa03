<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that an earlier repair, of whoever, did or left out. */
#[ORM\Entity]
#[ORM\Table(name: 'earlier_work')]
class EarlierWork implements Undoable
{
    use Identified;
    use OfACase;

    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'Which work? “Cooler flushed”, “coupling renewed”.')]
    #[Assert\Length(max: 200)]
    public string $what = '';

    #[ORM\Column(length: 10, nullable: true, enumType: WasDone::class)]
    #[Assert\NotNull(message: 'Was it done, or left out?')]
    public ?WasDone $was = null;

    /** By what that is known. */
    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200)]
    public string $source = '';

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'earlierWork')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Earlier repair: '.$this->what;
    }
}
