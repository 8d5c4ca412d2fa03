<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\ORM\Mapping as ORM;

/** Something that somebody did: the person, and the name as it was then. */
trait DoneBy
{
    /** The name as it was then. */
    #[ORM\Column(length: 80)]
    public string $byWhom = '';

    /** Null: no person stood behind it, or it was done before that was kept and the name alone does not tell. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'RESTRICT')]
    private ?User $byPerson = null;

    public function doneBy(Actor $who): void
    {
        [$this->byWhom, $this->byPerson] = [$who->signsAs(), $who->person()];
    }

    /** @param string $name of somebody who did it in another shop, as its document says */
    public function doneElsewhereBy(string $name): void
    {
        [$this->byWhom, $this->byPerson] = [mb_substr($name, 0, 80), null];
    }

    public function person(): ?User
    {
        return $this->byPerson;
    }
}
