<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Account\Audited;
use App\Account\User;
use App\Memory\Repository\WarningRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Memory\Warning\MoreOften;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** The shop is warned: something happens more often than it did. It is said once, and stands until somebody takes it or puts it away. */
#[ORM\Entity(repositoryClass: WarningRepository::class)]
#[ORM\Table(name: 'shop_warning')]
#[ORM\Index(columns: ['family'])]
class Warning implements Audited
{
    use Identified;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $settledAt = null;

    /** Name of who took it or put it away. */
    #[ORM\Column(length: 80)]
    public string $settledBy = '';

    /** What is done about it, or why nothing is. */
    #[ORM\Column(length: 500)]
    public string $reason = '';

    /** Is somebody at it? Then it is still told where such a unit comes in. */
    #[ORM\Column]
    public bool $isTaken = false;

    #[ORM\Column]
    public readonly int $recent;

    #[ORM\Column]
    public readonly int $ofRecent;

    #[ORM\Column]
    public readonly int $before;

    #[ORM\Column]
    public readonly int $ofBefore;

    #[ORM\Column]
    public readonly float $chance;

    public function __construct(
        #[ORM\Column(length: 60)]
        public readonly string $family,
        /** In what group: model, customer, gauge, or the batch or supplier of a part that the last repair fitted, or its builder. */
        #[ORM\Column(name: 'group_by', length: 10)]
        public readonly string $by,
        #[ORM\Column(length: 170)]
        public readonly string $value,
        /** What happens: origin, part or reading. */
        #[ORM\Column(length: 10)]
        public readonly string $what,
        /** Its key. */
        #[ORM\Column(length: 125)]
        public readonly string $thing,
        MoreOften $count,
    ) {
        $this->identify();
        [$this->recent, $this->ofRecent] = [$count->recent, $count->ofRecent];
        [$this->before, $this->ofBefore, $this->chance] = [$count->before, $count->ofBefore, $count->chance()];
    }

    /** @param string $reason what is done about it */
    public function take(User $who, string $reason): void
    {
        $this->settle($who, $reason, true);
    }

    /** @param string $reason why nothing is done about it */
    public function putAway(User $who, string $reason): void
    {
        $this->settle($who, $reason, false);
    }

    private function settle(User $who, string $reason, bool $isTaken): void
    {
        [$this->settledAt, $this->settledBy, $this->reason, $this->isTaken] = [now(), $who->name, $reason, $isTaken];
    }

    /** The question that leads to the cases that it counts. */
    public function line(): string
    {
        $thing = match ($this->what) {
            'origin' => 'origin:'.$this->thing,
            'reading' => 'reading:'.explode('/', $this->thing)[1].'=outside',
            default => 'part:'.$this->thing.' grade>=3',
        };
        $group = match ($this->by) {
            'supplier' => '"'.$this->value.'"',
            'builder' => 'built-before="'.$this->value.'"',
            default => $this->by.'="'.$this->value.'"',
        };

        return \sprintf('family:%s %s %s taken:%s..', $this->family, $group, $thing, $this->madeAt->modify('-1 year')->format('Y-m-d'));
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Warning of '.$this->value;
    }
}
