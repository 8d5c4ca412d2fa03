<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

/** Where a claim against a maker, a supplier or the shop itself stands. */
enum ClaimState: string
{
    case Drafted = 'drafted';
    case Sent = 'sent';
    case AskedBack = 'asked-back';
    case Accepted = 'accepted';
    case PartAccepted = 'part-accepted';
    case Refused = 'refused';
    case Settled = 'settled';
    case Withdrawn = 'withdrawn';

    public function label(): string
    {
        return match ($this) {
            self::Drafted => 'drafted',
            self::Sent => 'sent',
            self::AskedBack => 'asked back',
            self::Accepted => 'accepted',
            self::PartAccepted => 'accepted in part',
            self::Refused => 'refused',
            self::Settled => 'settled',
            self::Withdrawn => 'withdrawn',
        };
    }

    /** What is done to bring it there, as a button says it. */
    public function act(): string
    {
        return match ($this) {
            self::Drafted => 'Draft it anew',
            self::Sent => 'It is sent',
            self::AskedBack => 'They ask back',
            self::Accepted => 'They accept it',
            self::PartAccepted => 'They accept a part',
            self::Refused => 'They refuse it',
            self::Settled => 'It is paid',
            self::Withdrawn => 'We withdraw it',
        };
    }

    /** @return list<self> what may follow; after a refusal it may be sent again, with what was missing */
    public function next(): array
    {
        return match ($this) {
            self::Drafted => [self::Sent, self::Withdrawn],
            self::Sent => [self::AskedBack, self::Accepted, self::PartAccepted, self::Refused, self::Withdrawn],
            self::AskedBack => [self::Sent, self::Refused, self::Withdrawn],
            self::Accepted => [self::Settled],
            self::PartAccepted => [self::Settled, self::Sent],
            self::Refused => [self::Sent],
            self::Settled, self::Withdrawn => [],
        };
    }

    /** Does somebody still have to do something? A refusal may stand. */
    public function isOver(): bool
    {
        return self::Settled === $this || self::Withdrawn === $this || self::Refused === $this;
    }

    /** What words have to say; null: none are needed. */
    public function asksForWords(): ?string
    {
        return match ($this) {
            self::AskedBack => 'what they want to know',
            self::PartAccepted => 'which part they accept, and why not the rest',
            self::Refused => 'their reason',
            self::Withdrawn => 'why',
            default => null,
        };
    }

    public function asksForAnAmount(): bool
    {
        return self::PartAccepted === $this || self::Settled === $this;
    }
}
