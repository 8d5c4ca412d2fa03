<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Undo\Undoable;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Sureness;
use Symfony\Component\Validator\Constraints as Assert;

/** How long the unit has run, as somebody says: what contradicts it stands beside it. */
#[ORM\Entity]
#[ORM\Table(name: 'running_time')]
class RunningTime implements Undoable
{
    use Identified;
    use OfACase;

    #[ORM\Column(length: 10, nullable: true, enumType: RunningSince::class)]
    #[Assert\NotNull(message: 'Since when does it count?')]
    public ?RunningSince $since = null;

    #[ORM\Column(length: 60)]
    #[Assert\NotBlank(message: 'How long? 2600 h, 40000 km, 6 weeks, 20 min.')]
    #[Assert\Length(max: 60)]
    #[IsQuantity('time', 'distance travelled')]
    public string $amount = '';

    #[ORM\Column(length: 120)]
    #[Assert\NotBlank(message: 'Who says so, or what: the hour meter, the driver, their bill?')]
    #[Assert\Length(max: 120)]
    public string $source = '';

    #[ORM\Column(length: 10, nullable: true, enumType: Sureness::class)]
    public ?Sureness $sure = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'runningTimes')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
    ) {
        $this->identify();
    }

    public function auditName(): string
    {
        return 'Running time, '.$this->amount;
    }
}
