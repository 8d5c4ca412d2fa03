<?php

declare(strict_types=1);

namespace App\Books;

use App\Account\Audited;
use App\Books\Repository\ShopWordRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** The word that this shop uses for a part. */
#[ORM\Entity(repositoryClass: ShopWordRepository::class)]
#[ORM\Table(name: 'shop_word')]
#[ORM\UniqueConstraint(columns: ['family', 'part'])]
class ShopWord implements Audited
{
    use Identified;

    public function __construct(
        #[ORM\Column(length: 60)]
        public string $family,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $word,
    ) {
        $this->identify();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Word of the shop for '.$this->part;
    }
}
