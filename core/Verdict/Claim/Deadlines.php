<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

use Japhrex\Core\Verdict\Policy\Edition;

/** What a claim has to keep: days of the policy, and days that were agreed. */
final class Deadlines
{
    /**
     * @param list<ClaimStep> $steps the life of the claim, the earliest first
     * @param \DateTimeImmutable|null $failed null: not known, so that no day can be counted from it
     * @param \DateTimeImmutable|null $told the day on which the failure was told
     * @param \DateTimeImmutable|null $returned the day on which the part was sent in
     * @param \DateTimeImmutable|null $answer the day by which what was asked last has to be answered, by us or by them
     *
     * @return list<Deadline> the nearest first
     */
    public static function of(
        ?Edition $edition,
        array $steps,
        ?\DateTimeImmutable $failed,
        ?\DateTimeImmutable $told,
        ?\DateTimeImmutable $returned,
        ?\DateTimeImmutable $answer,
    ): array {
        $sent = null;
        foreach ($steps as $step) {
            $sent ??= ClaimState::Sent === $step->state ? $step->day : null;
        }
        $last = [] === $steps ? null : $steps[\count($steps) - 1];
        $all = [];
        if (null !== $failed && null !== $edition?->notice) {
            $all[] = Deadline::of('tell them of the failure', $failed->modify("+{$edition->notice} days"), $told ?? $sent);
        }
        if (null !== $failed && null !== $edition?->return) {
            $all[] = Deadline::of('send the part in', $failed->modify("+{$edition->return} days"), $returned);
        }
        if (null !== $answer && null !== $last && !$last->state->isOver()) {
            $all[] = Deadline::of(
                ClaimState::AskedBack === $last->state
                    ? 'answer what they ask'
                    : (ClaimState::Sent === $last->state ? 'their answer' : 'their payment'),
                $answer,
                null,
            );
        }
        usort($all, static fn (Deadline $a, Deadline $b): int => $a->by <=> $b->by);

        return $all;
    }
}
