<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\User;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Repair\BoundByLimits;
use Symfony\Component\Validator\Constraints as Assert;

/** What becomes of a part, why, and why although a limit speaks against it. */
trait Decided
{
    #[ORM\Column(length: 20, nullable: true, enumType: Disposition::class)]
    public ?Disposition $disposition = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 2000)]
    public string $dispositionReason = '';

    /** Why it goes back in although a size lies outside a limit, or too near to tell. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    #[Assert\Length(max: 2000)]
    public string $despite = '';

    /**
     * What that reason was given for: field => what it said then. What has changed since asks anew.
     *
     * @var array<string, string>
     */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '{}'])]
    public array $despiteFor = [];

    /** The analyst who gave it, by the name as it was then. */
    #[ORM\Column(length: 80, options: ['default' => ''])]
    public string $despiteBy = '';

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'RESTRICT')]
    private ?User $despitePerson = null;

    /** On what the decision hangs, in words: a proof step, the customer, what machining disturbs. Empty: on nothing. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $hangsOn = '';

    /**
     * @param string $reason one line that still makes sense in a year
     * @param string $hangsOn on what it hangs, in words; empty: on nothing
     */
    public function decide(Disposition $disposition, string $reason, string $hangsOn): void
    {
        $this->disposition = $disposition;
        [$this->dispositionReason, $this->hangsOn] = [mb_substr(trim($reason), 0, 2000), mb_substr(trim($hangsOn), 0, 200)];
    }

    /** What becomes of it is asked for anew. */
    public function undecide(): void
    {
        [$this->disposition, $this->dispositionReason, $this->hangsOn] = [null, '', ''];
    }

    /** Takes an analyst's reason for what the limits ask now; no reason takes it back. */
    public function reasoned(string $despite, BoundByLimits $bound, Actor $who): void
    {
        $despite = trim($despite);
        [$this->despite, $this->despiteFor, $this->despiteBy, $this->despitePerson] = '' === $despite
            ? ['', [], '', null]
            : [$despite, $bound->asks, $who->signsAs(), $who->person()];
    }

    /** Why the decision does not stand; null: it does, or there is none. */
    public function against(BoundByLimits $bound): ?string
    {
        return null === $this->disposition ? null : $bound->against($this->disposition, $this->despiteFor);
    }
}
