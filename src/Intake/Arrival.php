<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Family\Book;
use Symfony\Component\Validator\Constraints as Assert;

/** How the unit stood on the bench before anything came off. */
#[ORM\Entity]
#[ORM\Table(name: 'arrival')]
class Arrival implements Undoable
{
    use Identified;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 15, nullable: true, enumType: CameAs::class)]
    public ?CameAs $cameAs = null;

    #[ORM\Column(length: 20, nullable: true, enumType: ShaftTurns::class)]
    public ?ShaftTurns $shaft = null;

    #[ORM\Column(length: 20, nullable: true, enumType: PlayFelt::class)]
    public ?PlayFelt $endFloat = null;

    #[ORM\Column(length: 20, nullable: true, enumType: PlayFelt::class)]
    public ?PlayFelt $sidePlay = null;

    #[ORM\Column(length: 20, nullable: true, enumType: Filling::class)]
    public ?Filling $filling = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $oilColour = '';

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120)]
    public string $oilSmell = '';

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $water = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $metal = null;

    #[ORM\Column(length: 10, nullable: true, enumType: YesNo::class)]
    public ?YesNo $sealsIntact = null;

    #[ORM\Column(length: 400)]
    #[Assert\Length(max: 400)]
    public string $missing = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000)]
    public string $openedBefore = '';

    /** @var list<string> what is seen of the fluid: keys of the engine's words for it */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $fluid = [];

    #[ORM\Column(length: 400)]
    #[Assert\Length(max: 400)]
    public string $pumped = '';

    public function __construct(
        #[ORM\OneToOne(inversedBy: 'arrival')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    /**
     * How many of the looks on arrival nobody has taken yet.
     *
     * @param string $medium what is in it, see Book: of what is not in it nobody asks
     */
    public function open(string $medium = Book::OIL): int
    {
        return \count(
            array_filter(
                [
                    $this->shaft, $this->endFloat, $this->sidePlay, $this->metal, $this->sealsIntact,
                    ...'' === $medium ? [] : [$this->filling],
                    ...\in_array($medium, Book::MAY_HOLD_WATER, true) ? [$this->water] : [],
                ],
                static fn (?\BackedEnum $look): bool => null === $look,
            )
        );
    }

    public function auditName(): string
    {
        return 'State on arrival';
    }
}
