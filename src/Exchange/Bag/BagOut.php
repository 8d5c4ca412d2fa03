<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Account\Actor;
use App\Account\AuditedInPart;
use App\Account\DoneBy;
use App\Exchange\Repository\BagOutRepository;
use App\Platform\Identified;
use App\Report\InTheMaking;
use App\Report\Paper;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** Cases that are packed to be taken out, each as a bag of its own, together in one ZIP. */
#[ORM\Entity(repositoryClass: BagOutRepository::class)]
#[ORM\Table(name: 'bag_out')]
class BagOut implements AuditedInPart, Paper
{
    use DoneBy;
    use Identified;
    use InTheMaking;

    /** Cases in one ZIP at most. */
    public const MOST = 100;

    public const AREA = 'bags';

    /** @param non-empty-list<string> $numbers of the cases */
    public function __construct(
        #[ORM\Column(type: 'json', options: ['jsonb' => true])]
        public array $numbers,
        /** Do photos and films go out with where they were taken? Only where somebody asked for it. */
        #[ORM\Column]
        public bool $withPlaces,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
        $this->touchedAt = $this->madeAt;
    }

    public function fileName(): string
    {
        return (1 === \count($this->numbers) ? $this->numbers[0] : \count($this->numbers).'-cases-'.$this->madeAt->format('Y-m-d')).'.zip';
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditFields(): array
    {
        return ['byWhom', 'numbers', 'withPlaces', 'hash'];
    }

    public function auditName(): string
    {
        return 'Bundle of '.implode(', ', \array_slice($this->numbers, 0, 3)).(\count($this->numbers) > 3 ? ' …' : '');
    }
}
