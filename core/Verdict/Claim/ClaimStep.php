<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

use Japhrex\Core\Quantity\Money;

/** One step in the life of a claim. */
final readonly class ClaimStep
{
    public function __construct(
        public ClaimState $state,
        public \DateTimeImmutable $day,
        public string $words = '',
        public ?Money $amount = null,
    ) {
    }

    /**
     * May this follow?
     *
     * @param self|null $last null: the claim is drafted
     * @param Money $claimed what is asked for
     * @param list<string> $missing evidence that the policy asks for and that is not there
     *
     * @return string|null what is wrong and what would be right; null: it may
     */
    public function after(?self $last, Money $claimed, array $missing, \DateTimeImmutable $today): ?string
    {
        $from = $last->state ?? ClaimState::Drafted;
        $words = trim($this->words);

        return match (true) {
            !\in_array($this->state, $from->next(), true) => [] === $from->next()
                ? \sprintf('The claim is %s; nothing follows.', $from->label())
                : \sprintf(
                    'A claim that is %s cannot be %s next; it can be %s.',
                    $from->label(),
                    $this->state->label(),
                    implode(', ', array_map(static fn (ClaimState $one): string => $one->label(), $from->next())),
                ),
            $this->day > $today => \sprintf('%s has not come yet.', $this->day->format('j M Y')),
            null !== $last
                && $this->day < $last->day => \sprintf(
                    'That is before %s, the day on which it was %s.',
                    $last->day->format('j M Y'),
                    $last->state->label(),
                ),
            null !== $this->state->asksForWords() && '' === $words => \sprintf('Say %s.', $this->state->asksForWords()),
            ClaimState::Sent === $this->state
                && [] !== $missing
                && '' === $words => \sprintf(
                    'It asks for what is not there: %s. Bring it, or say why the claim goes without; that stands in the claim.',
                    implode('; ', $missing),
                ),
            ClaimState::Sent === $this->state && ClaimState::Refused === $from && '' === $words => 'It was refused. Say what is new.',
            $this->state->asksForAnAmount() && null === $this->amount => 'How much? Such as '.$claimed->format().'.',
            default => $this->wrongAmount($last, $claimed),
        };
    }

    private function wrongAmount(?self $last, Money $claimed): ?string
    {
        $amount = $this->amount;
        if (null === $amount) {
            return null;
        }
        $promised = ClaimState::Settled === $this->state && ClaimState::PartAccepted === $last?->state
            ? $last->amount ?? $claimed
            : $claimed;

        return match (true) {
            $amount->currency !== $claimed->currency => \sprintf(
                '%s is claimed; give the amount in %s too.',
                $claimed->format(),
                $claimed->currency,
            ),
            $amount->minor <= 0 => 'An amount above nothing; if they pay nothing, they refuse it.',
            $amount->minor > $claimed->minor => \sprintf('That is more than the %s that are claimed.', $claimed->format()),
            ClaimState::PartAccepted === $this->state && $amount->minor === $claimed->minor => 'That is all of it: then they accept it.',
            ClaimState::Settled === $this->state
                && $amount->minor !== $promised->minor
                && '' === trim($this->words) => \sprintf('%s were accepted. Say why another amount was paid.', $promised->format()),
            default => null,
        };
    }
}
