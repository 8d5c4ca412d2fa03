<?php

declare(strict_types=1);

namespace App\Claims;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedDue;
use App\Intake\Remember\Remembers;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Verdict\Claim\ClaimState;

/** How its claims stand, and what they ask for. */
final readonly class ClaimsRemember implements Remembers
{
    public function __construct(private Claims $claims)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        foreach ($this->claims->ofCase($case) as $claim) {
            $memory->claim = $claim->state()->value;
            $next = $claim->state()->isOver() ? null : $this->claims->next($claim);
            if (null !== $next) {
                $memory->claimsDue[] = new RememberedDue($claim->number(), $claim->ordinal, $next->what, $next->by->format('Y-m-d'));
            }
            foreach ($claim->moves as $move) {
                if (\in_array($move->state, [ClaimState::Refused, ClaimState::PartAccepted], true)) {
                    $memory->claimWhy = $move->words;
                }
            }
            $memory->text('claim', $claim->statement, $claim->addressee, $claim->theirReference);
            foreach (ClaimState::Withdrawn === $claim->state() ? [] : $claim->costs as $typed) {
                try {
                    $memory->claimed = ($memory->claimed ?? 0) + Money::parse($typed)->minor;
                } catch (MoneyError) {
                    continue;
                }
            }
        }
    }
}
