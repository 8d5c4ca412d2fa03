<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Verdict\Policy\Cover;
use Japhrex\Core\Verdict\Policy\Edition;

/** What is claimed: the costs that the policy pays for, less what the holder carries. */
final readonly class ClaimSum
{
    /**
     * @param list<ClaimLine> $lines paid: does the policy pay for such a thing?
     * @param Money|null $deductible what the holder carries
     * @param Money $total never below nothing
     */
    private function __construct(public array $lines, public ?Money $deductible, public Money $total)
    {
    }

    /**
     * @param array<string, string> $typed cover => amount as typed; empty: none
     *
     * @throws CostError naming the line that cannot be read, or in another currency than the others
     */
    public static function of(Edition $edition, array $typed): self
    {
        $lines = [];
        foreach (Cover::cases() as $cover) {
            if ('' === trim($typed[$cover->value] ?? '')) {
                continue;
            }
            try {
                $amount = Money::parse($typed[$cover->value]);
            } catch (MoneyError $e) {
                throw CostError::amount(ucfirst($cover->value), $e->getMessage());
            }
            if ($amount->minor < 0) {
                throw CostError::belowNothing(ucfirst($cover->value));
            }
            $lines[] = new ClaimLine($cover, $amount, \in_array($cover, $edition->covers, true));
        }
        if ([] === $lines) {
            throw CostError::none();
        }
        $deductible = null === $edition->deductible ? null : Money::parse($edition->deductible);
        $total = Money::ofMinor(0, $lines[0]->amount->currency);
        foreach ($lines as $line) {
            $sum = $total->plus($line->amount);
            $total = $line->paid ? $sum : $total;
        }
        if (null !== $deductible) {
            $left = $total->plus(Money::ofMinor(-$deductible->minor, $deductible->currency));
            $total = Money::ofMinor(max(0, $left->minor), $left->currency);
        }

        return new self($lines, $deductible, $total);
    }
}
