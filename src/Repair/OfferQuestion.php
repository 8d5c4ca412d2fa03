<?php

declare(strict_types=1);

namespace App\Repair;

use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** A question to the customer; the answer becomes a statement of the case. */
#[ORM\Entity]
#[ORM\Table(name: 'offer_question')]
class OfferQuestion
{
    use Identified;

    #[ORM\Column(type: 'text')]
    public string $answer = '';

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $answeredAt = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'questions')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Offer $offer,
        #[ORM\Column(type: 'text')]
        public string $question,
    ) {
        $this->identify();
        $offer->questions->add($this);
    }

    public function answer(string $words): void
    {
        [$this->answer, $this->answeredAt] = [$words, now()];
    }
}
