<?php

declare(strict_types=1);

namespace App\Books;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Books\Repository\ShopBookRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/** A book that this shop wrote itself. A new version ends the one before; nothing is overwritten. */
#[ORM\Entity(repositoryClass: ShopBookRepository::class)]
#[ORM\Table(name: 'shop_book')]
#[ORM\UniqueConstraint(name: 'shop_book_in_force', columns: ['book'], options: ['where' => '(ended_at IS NULL)'])]
class ShopBook implements Audited
{
    use DoneBy;
    use Identified;

    #[ORM\Column(type: 'datetimetz_immutable', nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        /** What the file calls itself. */
        #[ORM\Column(length: 60)]
        public string $book,
        #[ORM\Column(type: 'text')]
        public string $text,
        /** @var array<string, array<mixed>> key of the book => its content; several where the file has types */
        #[ORM\Column(type: 'json')]
        public array $content,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    public function auditCase(): ?Uuid
    {
        return null;
    }

    public function auditName(): string
    {
        return 'Book of the shop, '.$this->book;
    }

    /** It is not in force from now on; what was judged by it stays. */
    public function end(): void
    {
        $this->endedAt = now();
    }
}
